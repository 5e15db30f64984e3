import type { ScheduleOperation, ScheduleProblem } from '../problem.js';
import { planEvenings } from './planner.js';

/** A wish that can be given up: a pin, a date, daylight, or what must be done at all. */
export interface PlanWish {
  kind: 'pinned' | 'due' | 'daylight' | 'lag';
  /** The operation it is about; for a lag, the later one. */
  id: string;
  /** For a lag, the earlier one. */
  from: string | null;
}

/** So many drafts decide whether something can be done (our number): a search, so “cannot” is as far as it sees. */
const DRAFTS = 40;

const wishesOf = ({ operations, drying = [] }: ScheduleProblem): PlanWish[] => [
  ...operations.filter(({ pinnedMin }) => pinnedMin != null).map(({ id }): PlanWish => ({ kind: 'pinned', id, from: null })),
  ...[...new Map(operations.filter(({ dueMin }) => dueMin != null).map((o) => [o.job ?? o.id, o])).values()].map(({ id }): PlanWish => ({
    kind: 'due',
    id,
    from: null,
  })),
  ...operations.filter(({ daylight }) => daylight).map(({ id }): PlanWish => ({ kind: 'daylight', id, from: null })),
  ...drying.filter(({ windows }) => windows.at(-1)?.close).map(({ from, to }): PlanWish => ({ kind: 'lag', id: to, from })),
];

/** The problem with only these wishes left. */
function withWishes(problem: ScheduleProblem, wishes: readonly PlanWish[]): ScheduleProblem {
  const has = (kind: PlanWish['kind'], id: string): boolean => wishes.some((wish) => wish.kind === kind && wish.id === id);
  const dueJobs = new Set(wishes.filter(({ kind }) => kind === 'due').map(({ id }) => jobOf(problem.operations, id)));
  return {
    ...problem,
    operations: problem.operations.map((one) => ({
      ...one,
      pinnedMin: has('pinned', one.id) ? (one.pinnedMin ?? null) : null,
      daylight: has('daylight', one.id) && one.daylight === true,
      dueMin: dueJobs.has(one.job ?? one.id) ? (one.dueMin ?? null) : null,
    })),
    drying: (problem.drying ?? []).map((lag) =>
      lag.windows.at(-1)?.close && !wishes.some(({ kind, id, from }) => kind === 'lag' && id === lag.to && from === lag.from)
        ? { ...lag, windows: lag.windows.map((window) => ({ ...window, close: null })) }
        : lag,
    ),
  };
}

const jobOf = (operations: readonly ScheduleOperation[], id: string): string => operations.find((one) => one.id === id)?.job ?? id;

/** All finds a place, in time, and each pin is kept. */
function works(problem: ScheduleProblem): boolean {
  const { plan, cost, bounds } = planEvenings(problem, { drafts: 0 });
  const fine = (one: typeof plan, lateMin: number): boolean => {
    const at = new Map(one.placed.map(({ id, startMin }) => [id, startMin]));
    const kept = problem.operations.every(
      ({ id, pinnedMin }) => pinnedMin == null || Math.abs((at.get(id) ?? Infinity) - pinnedMin) < 1e-6,
    );
    return one.unplaced.length === 0 && lateMin < 1e-6 && kept;
  };
  if (fine(plan, cost.lateMin)) return true;
  if (bounds.finishMin === Infinity) return false;
  const harder = planEvenings(problem, { drafts: DRAFTS });
  return fine(harder.plan, harder.cost.lateMin);
}

/**
 * The smallest set of wishes that cannot all be met: giving up any one of them would do. Empty where all can be met; null where not even giving up
 * all of them would help.
 */
export function collidingWishes(problem: ScheduleProblem): PlanWish[] | null {
  const all = wishesOf(problem);
  if (works(problem)) return [];
  if (!works(withWishes(problem, []))) return null;
  let kept = all;
  // halves at first, so that many harmless wishes go at once
  for (let size = Math.ceil(kept.length / 2); size >= 1; size = size === 1 ? 0 : Math.ceil(size / 2))
    for (let at = 0; at < kept.length;) {
      const fewer = [...kept.slice(0, at), ...kept.slice(at + size)];
      if (works(withWishes(problem, fewer))) at += size;
      else kept = fewer;
    }
  return kept;
}
