import type { Interval } from '../units/index.js';

/**
 * The planner's door: a problem in, a plan out, plain data on both sides, so that it can run anywhere and a better
 * planner can stand behind it. Minutes run on one wall clock from midnight of an origin date; clock changes are ignored.
 */

/** Drying work: minutes it takes in the evening's air and in the night's; Infinity where it does not go on. */
export interface DryingWork {
  eveningMin: number;
  nightMin: number;
}

/** `start(to) − end(from)` must lie in one of these; `close` null never closes. */
export interface LagWindow {
  open: DryingWork;
  close: DryingWork | null;
}

export interface Lag {
  from: string;
  to: string;
  windows: LagWindow[];
}

export type Resource = 'hands' | 'airbrush';

export interface Operation {
  id: string;
  /** Operations of one job are done in the order given. */
  job: string;
  durationMin: number;
  resources: Resource[];
  /** Colour in the airbrush; null without one. */
  colour: string | null;
  daylight: boolean;
  /** Pinned: not before this minute, drying or not; null lets the planner choose. */
  pinnedMin: number | null;
  /** Wanted wait after the operation before it in the job, minutes. */
  waitMin: number;
}

export interface PlanningProblem {
  operations: Operation[];
  lags: Lag[];
  /** Evenings that can be worked in, sorted, without overlap. */
  evenings: Interval[];
  /** Daylight, sorted; only operations that want it care. */
  daylight: Interval[];
  /** Nothing starts before this. */
  notBeforeMin: number;
  /** What the workshop has; an operation that wants anything else finds no place. */
  resources: Resource[];
  /** Cleaning the airbrush after a colour: holds airbrush and hands. */
  airbrushCleanMin: number;
}

export interface Placed {
  id: string;
  startMin: number;
  endMin: number;
}

export interface Plan {
  placed: Placed[];
  /** Airbrush cleanings. */
  cleanings: Interval[];
  /** Operations that found no place, with the reason in words. */
  unplaced: { id: string; why: string }[];
  /** End of the last operation; null when nothing is placed. */
  finishMin: number | null;
  eveningsUsed: number;
}
