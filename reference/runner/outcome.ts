/** What became of one row. `skipped`: the row holds data, nothing to compare. */
export type Outcome = { as: 'passed' } | { as: 'failed'; why: string } | { as: 'pending'; why: string } | { as: 'skipped' };

export interface ReferenceFile {
  kind: string;
  source: string;
  from_memory: boolean;
  tolerance?: unknown;
  rows: Record<string, unknown>[];
}

/** A kind's runner: one row in, what became of it out. Throwing fails the row. */
export type RunRow = (row: Record<string, unknown>, file: ReferenceFile) => Outcome;

export interface Tolerance {
  abs?: number;
  rel?: number;
}

/** Differences between expected and computed figures, or a pass. */
export function compare(expected: Record<string, number>, got: Record<string, number>, tolerance: Tolerance): Outcome {
  const wrong = Object.entries(expected).filter(([key, want]) => {
    const have = got[key];
    if (have === undefined || !Number.isFinite(have)) return true;
    return Math.abs(have - want) > (tolerance.abs ?? 0) + (tolerance.rel ?? 0) * Math.abs(want);
  });
  if (wrong.length === 0) return { as: 'passed' };
  return { as: 'failed', why: wrong.map(([key, want]) => `expected ${key} ${String(want)} got ${String(got[key])}`).join('; ') };
}

/** A numeric field of a row. @throws Error naming the field when it is missing. */
export function num(row: Record<string, unknown>, key: string): number {
  const value = row[key];
  if (typeof value !== 'number') throw new Error(`row has no number '${key}'`);
  return value;
}

/** The named numeric fields of a row, as expected values; fields that are absent are left out. */
export const expectedOf = (row: Record<string, unknown>, keys: readonly string[]): Record<string, number> =>
  Object.fromEntries(keys.flatMap((key) => (typeof row[key] === 'number' ? [[key, row[key]]] : [])));
