import type { Interval } from '../units/index.js';

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

  // The rest is for problems with a calendar.

  /** What belongs together, so that the search may move it together; what comes first is told by lags alone. */
  job?: string;
  /** Should be done by this minute. */
  dueMin?: number | null;
  /** Begins at this minute, drying or not; later only where what it follows by a clock lag is not done by then. */
  pinnedMin?: number | null;
  /** It must start in one of these stretches, which what is already done has opened; a pinned one does not ask. Left out: whenever. */
  startsIn?: readonly Interval[];
  /** Must lie in daylight. */
  daylight?: boolean;
  /** What it costs to leave it out where it would miss its `dueMin`; null or left out: it must be done. */
  dropCost?: number | null;
  /** Other ways to do the same, each with its own lags where the lag says so. */
  alternatives?: readonly Alternative[];
  /** It may take the end of an evening that is kept free for what takes longer. */
  fills?: boolean;
  /** Where it stands afterwards, and how long it takes up room there. */
  stands?: Stand | null;
  /** What it does to the air; left out: nothing. */
  vapour?: Vapour | null;
}

/** `gives`: what burns is in the air until some time after it · `lights`: it must not meet that · `both`. */
export type Vapour = 'gives' | 'lights' | 'both';

export interface Alternative {
  id: string;
  durationMin: number;
  resources: readonly string[];
  colour: string | null;
  vapour?: Vapour | null;
}

/** So many units of a place are taken from the end of the operation until the work is done. What is pinned does not ask for room. */
export interface Stand {
  place: string;
  units: number;
  until: DryingWork;
}

/** `minMin ≤ start(to) − end(from) ≤ maxMin`; null is no limit. */
export interface ScheduleLag {
  from: string;
  to: string;
  minMin: number;
  maxMin: number | null;
}

/** Drying work: minutes it takes in the evening's air and in the night's; Infinity where it does not go on. */
export interface DryingWork {
  eveningMin: number;
  nightMin: number;
}

/** Opens when the one work is done and closes when the other is; `close` null never closes. */
export interface LagWindow {
  open: DryingWork;
  close: DryingWork | null;
}

/** The start of `to` must lie in one of the windows, counted from the end of `from`; a pinned `to` does not ask. */
export interface DryingLag {
  from: string;
  to: string;
  windows: readonly LagWindow[];
  /** Windows where `from` is done in another way, by the id of the alternative. */
  windowsIf?: Readonly<Record<string, readonly LagWindow[]>>;
  /** The first window is meant; a later one only where the first cannot be met. */
  prefersFirst?: boolean;
  /** Coming in a later window spoils something: it is avoided at nearly any price. */
  holds?: boolean;
}

/**
 * Between operations of different colour on this resource at least so many minutes. Without a calendar that holds the resource only. With one it is
 * a cleaning that follows each use at once and is left out while the colour stays.
 */
export interface Setup {
  resource: string;
  minutes: number;
  /** What else the cleaning keeps busy: hands. */
  holds?: readonly string[];
  /** Enough where the next colour is darker; null or left out: cleaning is always whole. */
  rinseMin?: number | null;
  /** How dark each colour is: 0 white, 100 black. */
  darkness?: Readonly<Record<string, number>>;
}

/** Work is done in evenings only; drying goes on at night. Minutes run on one wall clock; clock changes are ignored. */
export interface Calendar {
  /** Sorted, without overlap. */
  evenings: readonly Interval[];
  /** Sorted; only operations that want it care. */
  daylight: readonly Interval[];
  /** Nothing starts before this. */
  notBeforeMin: number;
  /** Evenings are filled to this share, 0–1; what is longer, pinned, or `fills` may take all of one. Left out: all of each. */
  fillShare?: number;
  /** What dries over a night is taken to need so many times as long where that costs no evening. Left out: once. */
  overNights?: number;
}

export interface ScheduleProblem {
  operations: readonly ScheduleOperation[];
  lags: readonly ScheduleLag[];
  setup: Setup | null;
  drying?: readonly DryingLag[];
  /** Left out or null: work goes on round the clock. */
  calendar?: Calendar | null;
  /** How many of each resource there are; left out: one of each. What is not named here is not there. */
  capacities?: Readonly<Record<string, number>>;
  /** So long what burns stays in the air after the work that gives it; left out: no longer than that work. Only with a calendar. */
  vapourMin?: number;
}
