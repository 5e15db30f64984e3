/** Marks, in a step's `fromWish`, what the arranger added by itself. */
export const ARRANGED = 'arranged';
