import { safePlan, simulate, type Chances, type SafePlan } from '@eveningtide/core/chances';
import { suppliesOf } from '@eveningtide/core/materials';
import {
  freeDays,
  moreRoundsOf,
  pairings,
  planOtherwise,
  problemOf,
  splitProposals,
  startFrom,
  timeBox,
  type Alternative,
  type Given,
  type Otherwise,
  type Pairing,
  type SplitProposal,
  type TimeBox,
} from '@eveningtide/core/schedule';
import {
  collidingWishes,
  moved,
  placesFor,
  planEvenings,
  solveSchedule,
  whyNotEarlier,
  type Binding,
  type Moved,
  type PlannedEvenings,
  type Wish,
} from '@eveningtide/core/solver';
import { expose } from 'comlink';

/** Runs of the simulation; drafts that plans on the safe side are improved by. */
const RUNS = 2000;
const SAFE_DRAFTS = 150;
const SEED = 1;
/** The page is told of better plans at most so often: it has to draw each. */
const TELL_EVERY_MS = 250;

/** The problem, the plan as it stands, and how it was wished for. */
function standing(given: Given) {
  const { open, problem } = problemOf(given);
  const { wishes, kept } = given.workshop.planning;
  const start = kept && startFrom(kept, open, given.originDate);
  return { open, problem, wishes, start, planned: planEvenings(problem, { wishes, start }) };
}

const roundsOf = ({ pieces, workshop, shelf }: Given) => moreRoundsOf(pieces, workshop, suppliesOf(shelf));

/** Everything about evenings that takes longer than a blink, in a thread of its own. */
const service = {
  /** Improves until the time is over; stopped by ending the thread: what was told last is the best. */
  improve(given: Given, timeLimitMs: number, seed: number, onBetter: (best: PlannedEvenings, elapsedMs: number) => void): PlannedEvenings {
    const { problem, wishes, start } = standing(given);
    const began = performance.now();
    let told = -Infinity;
    let untold: PlannedEvenings | null = null;
    const now = (): number => {
      const at = performance.now();
      if (untold && at - told >= TELL_EVERY_MS) {
        onBetter(untold, at - began);
        [told, untold] = [at, null];
      }
      return at;
    };
    const { evenings } = solveSchedule(problem, {
      timeLimitMs,
      seed,
      wishes,
      start,
      now,
      onProgress: (_best, _bound, better) => {
        untold = better;
      },
    });
    if (!evenings) throw new RangeError('calendar must be given, got none');
    return evenings;
  },
  why(given: Given, id: string): Binding | null {
    const { problem, planned } = standing(given);
    return whyNotEarlier(problem, planned.plan, id);
  },
  places(given: Given, id: string, evening: { fromMin: number; toMin: number }, stepMin: number): Moved[] {
    const { problem, planned, wishes } = standing(given);
    // plans themselves are not wanted here and are large
    return placesFor(problem, planned, id, evening, stepMin, { wishes }).map((place) => ({ ...place, planned: null }));
  },
  move(given: Given, id: string, startMin: number): Moved {
    const { problem, planned, wishes } = standing(given);
    return moved(problem, planned, id, startMin, { wishes });
  },
  colliding(given: Given): Wish[] | null {
    return collidingWishes(standing(given).problem);
  },
  otherwise(given: Given, otherwise: Otherwise): Alternative {
    return planOtherwise(given, otherwise);
  },
  /** One more evening on whichever free day of the week is best; null where there is none. */
  bestDay(given: Given): Alternative | null {
    let best: Alternative | null = null;
    for (const { date, start, end } of freeDays(given)) {
      if (start === null || end === null) continue;
      const one = planOtherwise(given, { kind: 'evening', date, start, end });
      if (!best || (one.planned.plan.finishMin ?? 0) < (best.planned.plan.finishMin ?? 0) - 1) best = one;
    }
    return best;
  },
  chances(given: Given): Chances {
    const { problem, planned } = standing(given);
    return simulate(problem, planned.plan, { runs: RUNS, seed: SEED, rounds: roundsOf(given) });
  },
  safe(given: Given): SafePlan {
    const { problem, wishes, start } = standing(given);
    return safePlan(problem, { wishes, start, drafts: SAFE_DRAFTS, seed: SEED }, { runs: RUNS, seed: SEED, rounds: roundsOf(given) });
  },
  box: (given: Given, minutes: number, pieceId: string | null): TimeBox => timeBox(given, minutes, pieceId),
  pairings: (given: Given): Pairing[] => pairings(given),
  splits: (given: Given): SplitProposal[] => splitProposals(given),
};
export type EveningsService = typeof service;
expose(service);
