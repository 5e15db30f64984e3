import { deltaE00OfLab } from '@eveningtide/core/colour';
import { compare, expectedOf, num, type RunRow, type Tolerance } from '../outcome.js';

export const ciede2000: RunRow = (row, file) => {
  const lab = (n: 1 | 2) => ({ l: num(row, `L${String(n)}`), a: num(row, `a${String(n)}`), b: num(row, `b${String(n)}`) });
  return compare(expectedOf(row, ['dE00']), { dE00: deltaE00OfLab(lab(1), lab(2)) }, file.tolerance as Tolerance);
};
