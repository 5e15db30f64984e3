/** A, B … Z, then A1. */
export const letterOf = (index: number): string =>
  `${String.fromCharCode(65 + (index % 26))}${index < 26 ? '' : String(Math.floor(index / 26))}`;
