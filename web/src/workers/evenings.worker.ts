import { safePlan, simulate, type Chances, type SafePlan } from '@eveningtide/core/chances';
import {
  freeDays,
  moreRoundsOf,
  pairings,
  planScenario,
  planOf,
  splitProposals,
  timeBox,
  type WhatIfPlan,
  type PlanInput,
  type Scenario,
  type Pairing,
  type SplitProposal,
  type TimeBox,
} from '@eveningtide/core/schedule';
import {
  collidingWishes,
  moved,
  placesFor,
  solveSchedule,
  whyNotEarlier,
  type Binding,
  type Moved,
  type PlannedEvenings,
  type Start,
  type PlanWish,
} from '@eveningtide/core/solver';
import { adviceFor, type Advice } from '@eveningtide/core/remedies';
import { expose } from 'comlink';

/** Runs of the simulation; drafts that plans on the safe side are improved by. */
const RUNS = 2000;
const SAFE_DRAFTS = 150;
const SEED = 1;
/** The page is told so often: it has to draw each. */
const TELL_EVERY_MS = 250;

/** Everything about evenings that takes longer than a blink, in a thread of its own. */
const service = {
  /**
   * Improves until the time is over; stopped by ending the thread: what was told last is the best. Goes on from `from`, else from the plan as it
   * stands. `tell` hears of the time, and of what is better since it was told last.
   */
  improve(
    given: PlanInput,
    { timeLimitMs, seed, from }: { timeLimitMs: number; seed: number; from: Start | null },
    tell: (elapsedMs: number, better: PlannedEvenings | null) => void,
  ): PlannedEvenings {
    const { problem, start } = planOf(given);
    const began = performance.now();
    let told = began;
    let untold: PlannedEvenings | null = null;
    const now = (): number => {
      const at = performance.now();
      if (at - told >= TELL_EVERY_MS) {
        tell(at - began, untold);
        [told, untold] = [at, null];
      }
      return at;
    };
    const { evenings } = solveSchedule(problem, {
      timeLimitMs,
      seed,
      wishes: given.workshop.planning.wishes,
      start: from ?? start,
      now,
      onProgress: (_best, _bound, better) => {
        untold = better;
      },
    });
    if (!evenings) throw new RangeError('calendar must be given, got none');
    return evenings;
  },
  advice: (given: PlanInput, pieceId: string, doneId: string, trouble: string): Advice => adviceFor(given, pieceId, doneId, trouble),
  why(given: PlanInput, id: string): Binding | null {
    const { problem, planned } = planOf(given);
    return whyNotEarlier(problem, planned.plan, id);
  },
  places(given: PlanInput, id: string, evening: { fromMin: number; toMin: number }, stepMin: number): Moved[] {
    const { problem, planned } = planOf(given);
    const { wishes } = given.workshop.planning;
    // plans themselves are not wanted here and are large
    return placesFor(problem, planned, id, evening, stepMin, { wishes }).map((place) => ({ ...place, planned: null }));
  },
  move(given: PlanInput, id: string, startMin: number): Moved {
    const { problem, planned } = planOf(given);
    const { wishes } = given.workshop.planning;
    return moved(problem, planned, id, startMin, { wishes });
  },
  colliding(given: PlanInput): PlanWish[] | null {
    return collidingWishes(planOf(given).problem);
  },
  scenario(given: PlanInput, scenario: Scenario): WhatIfPlan {
    return planScenario(given, scenario);
  },
  /** One more evening on whichever free day of the week is best; null where there is none. */
  bestDay(given: PlanInput): WhatIfPlan | null {
    let best: WhatIfPlan | null = null;
    for (const { date, start, end } of freeDays(given)) {
      if (start === null || end === null) continue;
      const one = planScenario(given, { kind: 'evening', date, start, end });
      if (!best || (one.planned.plan.finishMin ?? 0) < (best.planned.plan.finishMin ?? 0) - 1) best = one;
    }
    return best;
  },
  /** How sure the plan is; a few runs tell the likely dates. */
  chances(given: PlanInput, runs = RUNS): Chances {
    const { problem, planned } = planOf(given);
    return simulate(problem, planned.plan, { runs, seed: SEED, rounds: moreRoundsOf(given) });
  },
  safe(given: PlanInput): SafePlan {
    const { problem, start } = planOf(given);
    const { wishes } = given.workshop.planning;
    return safePlan(problem, { wishes, start, drafts: SAFE_DRAFTS, seed: SEED }, { runs: RUNS, seed: SEED, rounds: moreRoundsOf(given) });
  },
  box: (given: PlanInput, minutes: number, pieceId: string | null): TimeBox => timeBox(given, minutes, pieceId),
  pairings: (given: PlanInput): Pairing[] => pairings(given),
  splits: (given: PlanInput): SplitProposal[] => splitProposals(given),
};
export type EveningsService = typeof service;
expose(service);
