import type { Mix } from '@eveningtide/core/mixing';
import type { PieceOutlook } from '@eveningtide/core/schedule';
import type { Finding, Fix } from '@eveningtide/core/sequence';
import type { Bounds } from '@eveningtide/core/solver';
import type { Needs, PlannedMix, Stock } from '@eveningtide/core/needs';
import type { Delay } from '@eveningtide/core/tonight';
import { useMemo } from 'react';
import { useOnHand, usePieceOutlook, usePlan } from './outlook-context.js';
import { outlookService } from './threads.js';
import { useAsked } from './use-asked.js';
import type { ToldOutlook } from './use-outlook.js';

interface OfPlan {
  outlook: ToldOutlook;
  mixes: readonly Mix[];
}

/** OfPlan anew with each plan that was made, and when the mixes are others. */
function useOfPlan<T>(ask: (of: OfPlan) => Promise<T>): T | null {
  const { outlook } = usePlan();
  const { mixes } = useOnHand();
  const asked = useMemo(() => (outlook ? { outlook, mixes } : null), [outlook, mixes]);
  return useAsked(asked, ask).answer;
}

const needs = ({ mixes }: OfPlan) => outlookService().needs(mixes);
const cups = ({ mixes }: OfPlan) => outlookService().cups(mixes);

/** What the plan needs, and what that does to the shelf; null until both are known. */
export const useNeeds = (): (Needs & { stock: Stock }) | null => useOfPlan(needs);

/** The cups of the plan; null until they are known. */
export const useCups = (): readonly PlannedMix[] | null => useOfPlan(cups);

const bounds = async ({ outlook }: OfPlan) => ({ outlook, found: await outlookService().bounds(outlook.revision) });

/** What no plan can beat; null until it is known for the plan that is shown. */
export function useBounds(): Bounds | null {
  const { outlook } = usePlan();
  const told = useOfPlan(bounds);
  return told && told.outlook === outlook ? told.found : null;
}

const delay = ({ outlook }: OfPlan) => outlookService().delay(outlook.revision);

/** What the evening has become since it began; null outside evenings, and until it is known. */
export const useDelay = (): Delay | null => useOfPlan(delay);

interface OfPiece {
  own: PieceOutlook;
  revision: number;
}

const fixes = async ({ own, revision }: OfPiece) => ({ own, found: await outlookService().fixes(revision, own.pieceId) });

/**
 * What helps against a finding of a piece: told with the plan where the piece was open when it was made; where it was opened since, tried out now, and nothing
 * until that is known.
 */
export function useFixes(pieceId: string): (finding: Finding) => readonly Fix[] {
  const { soFar } = usePlan();
  const own = usePieceOutlook(pieceId);
  const told = soFar?.opened?.pieceId === pieceId ? soFar.opened.fixes : null;
  const revision = soFar?.revision;
  const asked = useMemo(() => (revision !== undefined && own && !told ? { own, revision } : null), [revision, own, told]);
  const { answer } = useAsked(asked, fixes);
  const found = told ?? (own && answer?.own === own ? answer.found : null);
  return (finding) => found?.[own?.findings.indexOf(finding) ?? -1] ?? [];
}
