import { planEvenings, type PlannedEvenings, type PlanOptions, type ScheduleProblem } from '../solver/index.js';
import { simulate, type Chances, type SimulateOptions } from './simulate.js';

/** By how much drying and handling are taken longer for plans on the safe side (our steps). */
const STRETCHES = [
  { drying: 1.15, handsOn: 1.1 },
  { drying: 1.3, handsOn: 1.15 },
  { drying: 1.5, handsOn: 1.25 },
  { drying: 1.75, handsOn: 1.4 },
];
/** A plan is on the safe side when each evening holds so often. */
export const SAFE_CHANCE = 0.9;

export interface SafePlan {
  planned: PlannedEvenings;
  chances: Chances;
}

const leastChance = ({ evenings }: Chances): number => Math.min(1, ...evenings.map(({ chance }) => chance));

/** The problem with all drying and handling taken longer. */
function stretched(problem: ScheduleProblem, { drying, handsOn }: (typeof STRETCHES)[number]): ScheduleProblem {
  const longer = (work: { eveningMin: number; nightMin: number }) => ({
    eveningMin: work.eveningMin * drying,
    nightMin: work.nightMin * drying,
  });
  return {
    ...problem,
    operations: problem.operations.map((one) => ({ ...one, durationMin: Math.ceil(one.durationMin * handsOn) })),
    drying: (problem.drying ?? []).map((lag) => ({
      ...lag,
      windows: lag.windows.map(({ open, close }) => {
        const opened = longer(open);
        // a window that would be gone before it opens is left as it is
        const fits = !close || (opened.eveningMin <= close.eveningMin && opened.nightMin <= close.nightMin);
        return { open: fits ? opened : open, close };
      }),
    })),
  };
}

/**
 * Plans that leave more and more room, each carried out many times; the one that takes the least time while every evening holds well enough, else the
 * one whose weakest evening holds best.
 */
export function safePlan(problem: ScheduleProblem, options: PlanOptions, simulation: SimulateOptions): SafePlan {
  const tried: SafePlan[] = [];
  const consider = (planned: PlannedEvenings): SafePlan => {
    const one = { planned, chances: simulate(problem, planned.plan, simulation) };
    tried.push(one);
    return one;
  };
  consider(planEvenings(problem, options));
  for (const stretch of STRETCHES) {
    const { plan, start } = planEvenings(stretched(problem, stretch), options);
    // the same starts in the problem as it is: what is done sooner leaves the room that was wanted
    const fromMin = Object.fromEntries(plan.placed.map(({ id, startMin }) => [id, startMin]));
    const order = plan.placed.map(({ id }) => id);
    consider(
      planEvenings(problem, {
        ...options,
        drafts: 0,
        start: { ...start, order: [...order, ...start.order.filter((id) => !(id in fromMin))], fromMin },
      }),
    );
  }
  const whole = tried.filter(({ planned }) => planned.plan.unplaced.length <= (tried[0]?.planned.plan.unplaced.length ?? 0));
  const safe = whole.filter(({ chances }) => leastChance(chances) >= SAFE_CHANCE);
  const [first = tried[0] as SafePlan] =
    safe.length > 0 ? safe.sort(bySoonest) : whole.sort((a, b) => leastChance(b.chances) - leastChance(a.chances));
  return first;
}

const bySoonest = (a: SafePlan, b: SafePlan): number =>
  a.planned.plan.eveningsUsed - b.planned.plan.eveningsUsed || (a.planned.plan.finishMin ?? 0) - (b.planned.plan.finishMin ?? 0);
