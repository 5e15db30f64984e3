/** The gate of a step was passed: what had to be seen or felt was so. */
export const GATE_PASSED = 'looked: it was so';

/** Remarks at the press of a button; any others are typed. Common practice. */
export const USUAL_MARKS = ['one thin coat more', 'thinned more', 'less than planned', 'tried on scrap first'] as const;
