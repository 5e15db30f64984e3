import type { Mix } from '@eveningtide/core/mixing';
import type { Outlook } from '@eveningtide/core/schedule';
import type { Needs, PlannedMix, Stock } from '@eveningtide/core/needs';
import { useMemo } from 'react';
import { useAnswer } from './evenings-service.js';
import { usePlan } from './outlook-context.js';
import { outlookService } from './use-outlook.js';

interface Asked {
  outlook: Outlook;
  mixes: readonly Mix[];
}

/** Asked anew with each plan that was made, and when the mixes are others. */
function useOfPlan<T>(ask: (of: Asked) => Promise<T>): T | null {
  const { outlook, mixes } = usePlan();
  const asked = useMemo(() => (outlook ? { outlook, mixes } : null), [outlook, mixes]);
  return useAnswer(asked, ask).answer ?? null;
}

const needs = ({ mixes }: Asked) => outlookService().needs(mixes);
const cups = ({ mixes }: Asked) => outlookService().cups(mixes);

/** What the plan needs, and what that does to the shelf; null until both are known. */
export const useNeeds = (): (Needs & { stock: Stock }) | null => useOfPlan(needs);

/** The cups of the plan; null until they are known. */
export const useCups = (): readonly PlannedMix[] | null => useOfPlan(cups);
