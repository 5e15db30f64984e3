import type { ScheduleProblem } from '../problem.js';
import { planEvenings, type PlannedEvenings, type PlanOptions } from './index.js';
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
  const refused = (why: string, because: string | null = null): Moved => ({ startMin, planned: null, why, because });
  const { evenings = [], daylight = [], notBeforeMin = 0 } = problem.calendar ?? {};
  const endMin = startMin + operation.durationMin;
  if (startMin < notBeforeMin) return refused('that time is past');
  if (startMin < (operation.releaseMin ?? 0)) return refused('what is done already is not ready by then');
  if (operation.startsIn && !operation.startsIn.some((gap) => startMin >= gap.fromMin && startMin <= gap.toMin))
    return refused('the window on what is done already is closed then');
  const evening = evenings.find((e) => startMin >= e.fromMin && startMin < e.toMin);
  if (!evening) return refused('there is no evening then');
  const cleanMin = problem.setup && operation.resources.includes(problem.setup.resource) ? problem.setup.minutes : 0;
  if (endMin + cleanMin > evening.toMin)
    return refused(cleanMin > 0 ? 'with the cleaning it ends after the evening' : 'it ends after the evening');
  if (operation.daylight && !daylight.some((d) => startMin >= d.fromMin && endMin <= d.toMin)) return refused('it is dark then');
  const operations = problem.operations.map((one) => (one.id === id ? { ...one, pinnedMin: startMin } : one));
  const start = { ...before.start, fromMin: withoutKey(before.start.fromMin, id) };
  const planned = planEvenings({ ...problem, operations }, { ...options, start });
  const at = new Map(planned.plan.placed.map((p) => [p.id, p]));
  const own = at.get(id);
  if (!own || Math.abs(own.startMin - startMin) > 1e-6)
    return refused(own ? 'what comes before it is not done by then' : 'it finds no place then');
  for (const { from, to, windows } of problem.drying ?? []) {
    const source = at.get(from);
    if (to !== id || !source) continue;
    const opens = windows.map(({ open }) => doneAt(evenings, source.endMin, open));
    const inside = windows.some(
      ({ close }, i) => startMin >= (opens[i] ?? Infinity) - 1e-6 && (!close || startMin <= doneAt(evenings, source.endMin, close) + 1e-6),
    );
    if (!inside)
      return refused(
        startMin < (opens[0] ?? Infinity) ? 'what lies below is not dry by then' : 'the window on what lies below is closed then',
        from,
      );
  }
  const lost = planned.plan.unplaced.find((one) => !before.plan.unplaced.some((known) => known.id === one.id));
  if (lost) return refused('another step would then find no place: ' + lost.why, lost.id);
  if (planned.cost.lateMin > before.cost.lateMin + 1) {
    const late = problem.operations.find(({ id: other, dueMin }) => dueMin != null && (at.get(other)?.endMin ?? 0) > dueMin);
    return refused('a piece would then miss its date', late?.id ?? null);
  }
  return { startMin, planned, why: null, because: null };
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
