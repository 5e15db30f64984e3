import type { Chances } from '@eveningtide/core/chances';
import type { PlanInput } from '@eveningtide/core/schedule';
import { dateOf } from '@eveningtide/core/units';
import { usePlan } from './outlook-context.js';
import { eveningsService } from './threads.js';
import { useAsked } from './use-asked.js';

/** Enough to tell a likely day (our number). */
const RUNS = 150;
/** So long nothing changes before the likely dates are asked for anew. */
const STILL_MS = 700;

const ask = (given: PlanInput): Promise<Chances> => eveningsService().chances(given, RUNS);

/** The day to be told first: the likely one where it is known and another than the plan's; and whether it is another. */
export function likelyDay(plannedMin: number, likelyMin: number | null, originDate: string): { atMin: number; isLater: boolean } {
  const isLater =
    likelyMin !== null &&
    likelyMin > plannedMin &&
    (!Number.isFinite(likelyMin) || dateOf(originDate, likelyMin) !== dateOf(originDate, plannedMin));
  return { atMin: isLater ? likelyMin : plannedMin, isLater };
}

/** When what is planned is likely to be done, minutes of the plan: by piece, and all of it; null until that is known. */
export function useLikely(): Pick<Chances, 'likelyMin' | 'likelyAllMin'> | null {
  const { given } = usePlan();
  const { answer, working } = useAsked(given, ask, { stillMs: STILL_MS });
  return working ? null : answer;
}
