import type { PlannedEvenings, Start, Wishes } from './evenings/index.js';

export interface Schedule {
  /** Start of each operation by id, minutes. */
  startsMin: Readonly<Record<string, number>>;
  makespanMin: number;
}

export interface Solution {
  /** The best that was found; null when nothing was, or when not all found a place. */
  schedule: Schedule | null;
  /** No schedule can end before this. */
  lowerBoundMin: number;
  /** The schedule is the best there is, or it is proven that there is none. */
  proven: boolean;
  /** The plan with all that belongs to it, where there is a calendar. */
  evenings: PlannedEvenings | null;
}

export interface SolveOptions {
  timeLimitMs: number;
  /** The same seed gives the same steps; where time runs out, a slower machine gets less far. */
  seed?: number;
  /** The clock, ms: the core has none of its own. */
  now: () => number;
  /** Told at each better schedule. */
  onProgress?: (best: Schedule, lowerBoundMin: number, evenings: PlannedEvenings | null) => void;
  /** What is wished for of evenings. */
  wishes?: Wishes;
  /** What led to a plan that is to be improved. */
  start?: Start | null;
}
