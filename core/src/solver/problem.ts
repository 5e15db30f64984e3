/**
 * Work to be put in order: plain data in and out, so that it can be written as JSON and run anywhere. Operations are not
 * interrupted; each holds its resources for its whole duration, and each resource does one thing at a time. Lags are generalised precedence with
 * minimum and maximum (Bartusch, Möhring & Radermacher 1988, citation from memory). The job-shop is the case with one resource each and lags of at least 0.
 */
export interface ScheduleOperation {
  id: string;
  durationMin: number;
  resources: readonly string[];
  /** What is in a resource that must be set up between different colours; null or left out: nothing. */
  colour?: string | null;
  /** Not before this minute; 0 where it is left out. */
  releaseMin?: number;
}

/** `minMin ≤ start(to) − end(from) ≤ maxMin`; null is no limit. */
export interface ScheduleLag {
  from: string;
  to: string;
  minMin: number;
  maxMin: number | null;
}

export interface ScheduleProblem {
  operations: readonly ScheduleOperation[];
  lags: readonly ScheduleLag[];
  /** Between operations of different colour on this resource at least so many minutes; null: no setups. It holds that resource only. */
  setup: { resource: string; minutes: number } | null;
}

export interface Schedule {
  /** Start of each operation by id, minutes. */
  startsMin: Readonly<Record<string, number>>;
  makespanMin: number;
}

export interface Solution {
  /** The best that was found; null when nothing was. */
  schedule: Schedule | null;
  /** No schedule can end before this. */
  lowerBoundMin: number;
  /** The schedule is the best there is, or it is proven that there is none. */
  proven: boolean;
}

export interface SolveOptions {
  timeLimitMs: number;
  /** The same seed gives the same steps; where time runs out, a slower machine gets less far. */
  seed?: number;
  /** The clock, ms: the core has none of its own. */
  now: () => number;
  /** Told at each better schedule. */
  onProgress?: (best: Schedule, lowerBoundMin: number) => void;
}
