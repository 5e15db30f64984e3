import { doneAt, type DryingLag, type ScheduleLag, type ScheduleOperation } from '../solver/index.js';
import { MINUTES_PER_DAY, addDays, intersect, type Interval } from '../units/index.js';
import { eveningsFrom } from './calendar.js';
import type { Doing } from './doing.js';
import { operationId } from './operation-id.js';
import { allSittings, type SplitBench } from './sittings.js';
import type { Workshop } from './workshop.js';

/** What is older than this is dry, or will not dry any more, days (our number). */
const PAST_DAYS = 30;

/** Work that is done, or that goes on and is taken to last as planned: by operation. */
export function begunOf(doings: readonly Doing[], bench: SplitBench, nowMin: number): Map<string, Interval> {
  const begun = new Map<string, Interval>();
  for (const doing of doings)
    allSittings(doing, bench).forEach((sittings, index) => {
      for (const { sitting, minutes, sat } of sittings) {
        if (!sat) continue;
        const toMin = sat.endMin ?? Math.max(nowMin, sat.startMin + minutes);
        begun.set(operationId(doing.piece, index, sitting), { fromMin: sat.startMin, toMin });
      }
    });
  return begun;
}

/** Evenings before the origin date, in which what was laid then dried; none where nothing was. */
export function pastEvenings(workshop: Workshop, originDate: string, doings: readonly Doing[]): Interval[] {
  if (!doings.some(({ progress }) => progress.hasBegun)) return [];
  const shift = PAST_DAYS * MINUTES_PER_DAY;
  return eveningsFrom(workshop, addDays(originDate, -PAST_DAYS), PAST_DAYS).map(({ fromMin, toMin }) => ({
    fromMin: fromMin - shift,
    toMin: toMin - shift,
  }));
}

interface Work {
  operations: ScheduleOperation[];
  lags: ScheduleLag[];
  drying: DryingLag[];
}

/**
 * The work that is left. What is done opens and closes windows at minutes that are now known; a window that has closed for good is not waited for: the
 * check says what it spoils.
 */
export function withoutBegun(
  { operations, lags, drying }: Work,
  begun: ReadonlyMap<string, Interval>,
  evenings: readonly Interval[],
  nowMin: number,
): Work {
  if (begun.size === 0) return { operations, lags, drying };
  const open = <T extends { from: string; to: string }>(all: readonly T[]): T[] =>
    all.filter(({ from, to }) => !begun.has(from) && !begun.has(to));
  /** What leads to an operation from work that is done, with the minute it was. */
  const ended = <T extends { from: string; to: string }>(all: readonly T[], id: string): [T, number][] =>
    all.flatMap((lag): [T, number][] => {
      const end = lag.to === id ? begun.get(lag.from)?.toMin : undefined;
      return end === undefined ? [] : [[lag, end]];
    });
  const startsIn = ({ id, pinnedMin = null }: ScheduleOperation): Interval[] => {
    const waits = ended(lags, id).map(([{ minMin }, end]) => [{ fromMin: end + minMin, toMin: Infinity }]);
    // what is pinned does not ask whether it is dry
    const windows = (pinnedMin === null ? ended(drying, id) : []).map(([lag, end]) => stillOpen(lag, end, evenings, nowMin));
    return [...waits, ...windows].reduce((all, list) => intersect(all, list), ANY);
  };
  return {
    operations: operations.flatMap((operation) => {
      if (begun.has(operation.id)) return [];
      const list = startsIn(operation);
      const releaseMin = list[0]?.fromMin ?? nowMin;
      const closes = list.some(({ toMin }) => toMin < Infinity);
      return [{ ...operation, ...(releaseMin > nowMin ? { releaseMin } : {}), ...(closes ? { startsIn: list } : {}) }];
    }),
    lags: open(lags),
    drying: open(drying),
  };
}

const ANY: Interval[] = [{ fromMin: -Infinity, toMin: Infinity }];

function stillOpen({ windows, prefersFirst }: DryingLag, end: number, evenings: readonly Interval[], nowMin: number): Interval[] {
  const list = windows
    .map(({ open, close }) => ({ fromMin: doneAt(evenings, end, open), toMin: close ? doneAt(evenings, end, close) : Infinity }))
    .filter(({ fromMin, toMin }) => toMin >= nowMin && fromMin < Infinity);
  if (list.length === 0) return ANY;
  return prefersFirst ? list.slice(0, 1) : list;
}
