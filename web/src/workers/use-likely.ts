import type { Chances } from '@eveningtide/core/chances';
import type { PlanInput } from '@eveningtide/core/schedule';
import { usePlan } from './outlook-context.js';
import { eveningsService } from './threads.js';
import { useAsked } from './use-asked.js';

/** Enough to tell a likely day (our number). */
const RUNS = 150;
/** So long nothing changes before the likely dates are asked for anew. */
const STILL_MS = 700;

const ask = (given: PlanInput): Promise<Chances> => eveningsService().chances(given, RUNS);

/** When what is planned is likely to be done, minutes of the plan: by piece, and all of it; null until that is known. */
export function useLikely(): Pick<Chances, 'likelyMin' | 'likelyAllMin'> | null {
  const { given } = usePlan();
  const { answer, working } = useAsked(given, ask, { stillMs: STILL_MS });
  return working ? null : answer;
}
