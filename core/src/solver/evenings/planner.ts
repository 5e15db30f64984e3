import type { ScheduleProblem } from '../problem.js';
import { boundsOf, type Bounds } from './bounds.js';
import { compile, type Compiled } from './compile.js';
import { USUAL_WISHES, costOf, type Cost, type Wishes } from './cost.js';
import { place, planOfDraft, risky } from './placing.js';
import type { Plan } from './plan.js';
import { byRules, keptOrByRules, search, startOf, type Judged, type Start } from './search.js';

/** A plan with what it costs, what led to it, and what no plan can beat. */
export interface PlannedEvenings {
  plan: Plan;
  cost: Cost;
  start: Start;
  /** Worked out when it is first asked for. */
  readonly bounds: Bounds;
  /** No plan is better by what is wished for; worked out when it is first asked for. */
  readonly proven: boolean;
}

export interface PlanOptions {
  wishes?: Wishes;
  /** What led to the plan that is to be kept to. */
  start?: Start | null;
  /** So many drafts are tried to improve it; the same number gives the same plan on any machine. */
  drafts?: number;
  seed?: number;
}

/** At once, and the same on any machine: what was kept before, else the best of simple rules; improved by so many drafts as are asked for. */
export function planEvenings(
  problem: ScheduleProblem,
  { wishes = USUAL_WISHES, start = null, drafts = 0, seed = 1 }: PlanOptions = {},
): PlannedEvenings {
  const compiled = compile(problem);
  if (drafts === 0) return planned(compiled, start ? keptOrByRules(compiled, start, wishes) : byRules(compiled, wishes), wishes);
  const bounds = boundsOf(compiled);
  const stop = (made: number): boolean => made >= drafts;
  return planned(compiled, search(compiled, { wishes, seed, bounds, from: start, stop, onBetter: () => undefined }), wishes, bounds);
}

export interface ImproveOptions {
  wishes?: Wishes | undefined;
  seed?: number | undefined;
  start?: Start | null | undefined;
  stop: () => boolean;
  onBetter?: ((best: PlannedEvenings) => void) | undefined;
}

/** Improves until it is stopped or nothing can be better. */
export function improveEvenings(
  problem: ScheduleProblem,
  { wishes = USUAL_WISHES, seed = 1, start = null, stop, onBetter }: ImproveOptions,
): PlannedEvenings {
  const compiled = compile(problem);
  const bounds = boundsOf(compiled);
  const best = search(compiled, {
    wishes,
    seed,
    bounds,
    from: start,
    stop,
    onBetter: (judged) => onBetter?.(planned(compiled, judged, wishes, bounds)),
  });
  return planned(compiled, best, wishes, bounds);
}

/** So many operations may be placed to make a plan careful: with thousands of them a plan must stand soon (our number). */
const MOST_PLACED = 6000;

/** The same with more time for what dries over a night, wherever that takes no more evenings and spoils nothing; the last of them may be a later one. */
function carefully(compiled: Compiled, asFound: Judged, wishes: Wishes): Judged {
  if (compiled.overNights <= 1) return asFound;
  const { order, choices } = asFound.draft;
  const asPlaced = (careful: ReadonlySet<number>): Judged => {
    const draft = place(compiled, order, { ...choices, careful });
    return { draft: { ...draft, choices }, cost: costOf(compiled, draft, wishes) };
  };
  let best = asFound;
  const careful = new Set<number>();
  const tried = new Set<number>();
  for (let placed = 0; placed < MOST_PLACED; placed += compiled.nodes.length) {
    const next = risky(compiled, best.draft).find((index) => !tried.has(index));
    if (next === undefined) break;
    tried.add(next);
    const one = asPlaced(new Set([...careful, next]));
    if (!isNoWorse(one, best)) continue;
    best = one;
    careful.add(next);
  }
  return best;
}

/** Nothing is spoilt that was not, and it takes no more evenings. */
function isNoWorse(one: Judged, than: Judged): boolean {
  const costs = ({ cost }: Judged): number[] => [cost.unplaced, cost.missedPins, cost.lateMin, cost.droppedCost, cost.evenings];
  return (
    costs(one).every((count, i) => count <= (costs(than)[i] as number) + 1e-6) && one.draft.secondBest.size <= than.draft.secondBest.size
  );
}

function planned(compiled: Compiled, asFound: Judged, wishes: Wishes, known?: Bounds): PlannedEvenings {
  const { draft, cost } = carefully(compiled, asFound, wishes);
  let bounds = known;
  return {
    plan: planOfDraft(compiled, draft),
    cost,
    start: startOf(compiled, draft),
    get bounds() {
      return (bounds ??= boundsOf(compiled));
    },
    get proven() {
      const isWhole = cost.unplaced === 0 && cost.lateMin === 0;
      return isWhole && cost.evenings <= this.bounds.evenings && cost.finishMin <= (this.bounds.finishMin ?? 0) + 1e-6;
    },
  };
}
