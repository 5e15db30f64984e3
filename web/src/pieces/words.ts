/** `1 snag`, `2 snags` */
export const countWords = (count: number, what: string): string => `${String(count)} ${what}${count === 1 ? '' : 's'}`;
