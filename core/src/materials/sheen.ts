/** Satin from here, GU at 60° (our number, between matt and satin paints). */
export const SATIN_FROM_GU = 15;
/** Gloss from here, GU at 60° (our number, between satin and gloss paints). */
export const GLOSS_FROM_GU = 55;

export type SheenName = 'matt' | 'satin' | 'gloss';

/** What painters call a gloss at 60°, GU. */
export const sheenName = (gu: number): SheenName => (gu >= GLOSS_FROM_GU ? 'gloss' : gu >= SATIN_FROM_GU ? 'satin' : 'matt');
