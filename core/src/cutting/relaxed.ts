import { bestPattern, type Pattern } from './knapsack.js';
import type { LengthClass } from './stock-problem.js';

const EPS = 1e-9;
/** Columns that are brought in before the bound is taken as it stands (our number; a handful of lengths takes dozens). */
const MOST_COLUMNS = 2000;

/** Strips in fractions: what no plan can beat, and a good place to begin. */
export interface Relaxed {
  /** Strips that are needed at least, not rounded. */
  strips: number;
  /** What one of each class is worth: no pattern is worth more than one strip. */
  worths: readonly number[];
  /** Patterns, and how often each is cut. */
  used: readonly { pattern: Pattern; times: number }[];
}

/**
 * The linear relaxation of the cutting-stock problem by column generation (P. C. Gilmore and R. E. Gomory, 1961, from memory): a basis of patterns, prices from
 * it, and the pattern that is worth most at these prices comes in, until none is worth more than a strip. The bound is A. Farley's (1990, from memory), so it holds
 * wherever it stops.
 */
export function relaxed(classes: readonly LengthClass[], capacity: number): Relaxed {
  const sizes = classes.map(({ size }) => size);
  const wanted = classes.map(({ count }) => count);
  const m = classes.length;
  const basis: Pattern[] = classes.map(({ size, count }, i) =>
    classes.map((_, k) => (k === i ? Math.min(count, Math.floor(capacity / size)) : 0)),
  );
  const inverse: number[][] = classes.map((_, i) => classes.map((__, k) => (k === i ? 1 / (basis[i]?.[i] ?? 1) : 0)));
  const times = wanted.map((count, i) => count * (inverse[i]?.[i] ?? 0));
  let bound = 0;
  let worths: number[] = wanted.map(() => 0);
  for (let columns = 0; columns < MOST_COLUMNS; columns++) {
    const prices = sizes.map((_, k) =>
      Math.max(
        0,
        inverse.reduce((sum, row) => sum + (row[k] ?? 0), 0),
      ),
    );
    const { pattern, worth, most } = bestPattern(sizes, prices, wanted, capacity);
    const feasible = prices.map((price) => price / Math.max(1, most));
    const value = feasible.reduce((sum, price, k) => sum + price * (wanted[k] ?? 0), 0);
    if (value > bound) [bound, worths] = [value, feasible];
    if (worth <= 1 + EPS) break;
    const column = inverse.map((row) => row.reduce((sum, entry, k) => sum + entry * (pattern[k] ?? 0), 0));
    let leaves = -1;
    column.forEach((entry, i) => {
      if (entry <= EPS) return;
      const before = leaves < 0 ? Infinity : (times[leaves] ?? 0) / (column[leaves] ?? 1);
      if ((times[i] ?? 0) / entry < before - EPS) leaves = i;
    });
    if (leaves < 0) break;
    pivot(inverse, times, column, leaves);
    basis[leaves] = pattern;
  }
  return { strips: bound, worths, used: m === 0 ? [] : basis.map((pattern, i) => ({ pattern, times: times[i] ?? 0 })) };
}

/** The column comes in where another leaves: all rows are put right for it. */
function pivot(inverse: number[][], times: number[], column: readonly number[], leaves: number): void {
  const by = column[leaves] ?? 1;
  const row = (inverse[leaves] ?? []).map((entry) => entry / by);
  const step = (times[leaves] ?? 0) / by;
  inverse.forEach((other, i) => {
    if (i === leaves) return;
    const factor = column[i] ?? 0;
    inverse[i] = other.map((entry, k) => entry - factor * (row[k] ?? 0));
    times[i] = Math.max(0, (times[i] ?? 0) - factor * step);
  });
  inverse[leaves] = row;
  times[leaves] = step;
}
