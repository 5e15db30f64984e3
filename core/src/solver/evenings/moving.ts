import type { Interval } from '../../units/index.js';
import type { LagWindow, ScheduleOperation, ScheduleProblem } from '../problem.js';
import { planEvenings, type PlannedEvenings, type PlanOptions } from './planner.js';
import { doneAt } from './drying-clock.js';

/** What becomes of the plan when one operation is put to another minute. */
export interface Moved {
  startMin: number;
  /** The plan that closes up around it; null where it cannot be there. */
  planned: PlannedEvenings | null;
  /** Why it cannot be there, in words; null where it can. */
  why: string | null;
  /** The operation on which it fails, where it is another. */
  because: string | null;
}

/**
 * Puts an operation to a minute, the rest closing up, and says what would become impossible: then it is not done.
 * @throws RangeError when the problem has no such operation.
 */
export function moved(problem: ScheduleProblem, before: PlannedEvenings, id: string, startMin: number, options: PlanOptions = {}): Moved {
  const operation = problem.operations.find((one) => one.id === id);
  if (!operation) throw new RangeError(`operation must be one of the plan's, got '${id}'`);
  const refused = ({ why, because = null }: Refusal): Moved => ({ startMin, planned: null, why, because });
  const closed = closedThen(problem, operation, startMin);
  if (closed !== null) return refused({ why: closed });
  const operations = problem.operations.map((one) => (one.id === id ? { ...one, pinnedMin: startMin } : one));
  const start = { ...before.start, fromMin: withoutKey(before.start.fromMin, id) };
  const planned = planEvenings({ ...problem, operations }, { ...options, start });
  const spoilt = spoiltBy(problem, before, planned, id, startMin);
  return spoilt ? refused(spoilt) : { startMin, planned, why: null, because: null };
}

interface Refusal {
  why: string;
  because?: string | null;
}

/** Why nobody could do it at that minute, whatever the rest of the plan; null where it could be. */
function closedThen(problem: ScheduleProblem, operation: ScheduleOperation, startMin: number): string | null {
  const { evenings = [], daylight = [], notBeforeMin = 0 } = problem.calendar ?? {};
  const endMin = startMin + operation.durationMin;
  if (startMin < notBeforeMin) return 'that time is past';
  if (startMin < (operation.releaseMin ?? 0)) return 'what is done already is not ready by then';
  if (operation.startsIn && !operation.startsIn.some((gap) => startMin >= gap.fromMin && startMin <= gap.toMin))
    return 'the window on what is done already is closed then';
  const evening = evenings.find((e) => startMin >= e.fromMin && startMin < e.toMin);
  if (!evening) return 'there is no evening then';
  const cleanMin = problem.setup && operation.resources.includes(problem.setup.resource) ? problem.setup.minutes : 0;
  if (endMin + cleanMin > evening.toMin) return cleanMin > 0 ? 'with the cleaning it ends after the evening' : 'it ends after the evening';
  return operation.daylight && !daylight.some((d) => startMin >= d.fromMin && endMin <= d.toMin) ? 'it is dark then' : null;
}

/** What the plan that closes up around it spoils; null where nothing is. */
function spoiltBy(
  problem: ScheduleProblem,
  before: PlannedEvenings,
  { plan, cost }: PlannedEvenings,
  id: string,
  startMin: number,
): Refusal | null {
  const at = new Map(plan.placed.map((p) => [p.id, p]));
  const own = at.get(id);
  if (!own) return { why: 'it finds no place then' };
  if (Math.abs(own.startMin - startMin) > 1e-6) return { why: 'what comes before it is not done by then' };
  const below = (problem.drying ?? []).filter(({ to }) => to === id);
  for (const { from, windows } of below) {
    const source = at.get(from);
    const why = source ? missedOn(windows, problem.calendar?.evenings ?? [], source.endMin, startMin) : null;
    if (why !== null) return { why, because: from };
  }
  const lost = plan.unplaced.find((one) => !before.plan.unplaced.some((known) => known.id === one.id));
  if (lost) return { why: 'another step would then find no place: ' + lost.why, because: lost.id };
  if (cost.lateMin <= before.cost.lateMin + 1) return null;
  const late = problem.operations.find(({ id: other, dueMin }) => dueMin != null && (at.get(other)?.endMin ?? 0) > dueMin);
  return { why: 'a piece would then miss its date', because: late?.id ?? null };
}

/** Why a minute lies in no window on what ended so; null where it does. */
function missedOn(windows: readonly LagWindow[], evenings: readonly Interval[], endMin: number, startMin: number): string | null {
  const times = windows.map(({ open, close }) => ({
    fromMin: doneAt(evenings, endMin, open),
    toMin: close ? doneAt(evenings, endMin, close) : Infinity,
  }));
  if (times.some(({ fromMin, toMin }) => startMin >= fromMin - 1e-6 && startMin <= toMin + 1e-6)) return null;
  return startMin < (times[0]?.fromMin ?? Infinity) ? 'what lies below is not dry by then' : 'the window on what lies below is closed then';
}

const withoutKey = <T>(record: Readonly<Record<string, T>>, key: string): Record<string, T> =>
  Object.fromEntries(Object.entries(record).filter(([k]) => k !== key));

/** All places of an evening, so many minutes apart, at which an operation may begin, and those at which it may not, with why. */
export function placesFor(
  problem: ScheduleProblem,
  before: PlannedEvenings,
  id: string,
  evening: { fromMin: number; toMin: number },
  stepMin: number,
  options: PlanOptions = {},
): Moved[] {
  const out: Moved[] = [];
  for (let at = evening.fromMin; at < evening.toMin; at += stepMin) out.push(moved(problem, before, id, at, options));
  return out;
}
