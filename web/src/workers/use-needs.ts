import { needsOf, stockOf, type Needs, type Stock } from '@eveningtide/core/needs';
import { useMemo } from 'react';
import { usePiecesQuery, useWorkshopQuery } from '../store/api.js';
import { usePlan } from './outlook-context.js';

/** What the plan needs, and what that does to the shelf; null until both are known. */
export function useNeeds(): (Needs & { stock: Stock }) | null {
  const { outlook, supplies, mixes } = usePlan();
  const { data: pieces } = usePiecesQuery();
  const { data: workshop } = useWorkshopQuery();
  return useMemo(() => {
    if (!outlook || !pieces || !workshop) return null;
    const needs = needsOf(
      pieces.map(({ piece }) => piece),
      outlook,
      { supplies, mixes, droppers: workshop.workshop.dropsPerMl },
    );
    return { ...needs, stock: stockOf(needs.uses, supplies) };
  }, [outlook, pieces, workshop, supplies, mixes]);
}
