/** Told to the view of a new piece: what is on it already is asked there. */
export const ASKS_WHAT_IS_ON_IT = 'what is on it';
