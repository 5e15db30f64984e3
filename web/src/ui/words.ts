/** `1 snag`, `2 snags` */
export const countWords = (count: number, what: string): string => `${String(count)} ${what}${count === 1 ? '' : 's'}`;

/** What to take a layer off with, in a painter's words. */
export const solventWords = (solvent: string): string => (solvent === 'spirit' ? 'white spirit' : solvent);
