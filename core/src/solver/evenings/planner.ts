import type { ScheduleProblem } from '../problem.js';
import { boundsOf, type Bounds } from './bounds.js';
import { compile, type Compiled } from './compile.js';
import { USUAL_WISHES, type Cost, type Wishes } from './cost.js';
import { planOfDraft } from './placing.js';
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
  if (drafts === 0) return planned(compiled, start ? keptOrByRules(compiled, start, wishes) : byRules(compiled, wishes));
  const bounds = boundsOf(compiled);
  const stop = (made: number): boolean => made >= drafts;
  return planned(compiled, search(compiled, { wishes, seed, bounds, from: start, stop, onBetter: () => undefined }), bounds);
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
    onBetter: (judged) => onBetter?.(planned(compiled, judged, bounds)),
  });
  return planned(compiled, best, bounds);
}

function planned(compiled: Compiled, { draft, cost }: Judged, known?: Bounds): PlannedEvenings {
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
