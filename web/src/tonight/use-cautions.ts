import { cautionCard, type CautionCard } from '@eveningtide/core/safety';
import type { Evening } from '@eveningtide/core/tonight';
import { useMemo } from 'react';
import { useWorkshopQuery, type StoredPiece } from '../store/api.js';
import { useOnHand } from '../workers/outlook-context.js';

/** What to mind in an evening, from all that is done in it; null until the workshop is known. */
export function useCautions(evening: Evening, stored: readonly StoredPiece[]): CautionCard | null {
  const { supplies, mixes } = useOnHand();
  const workshop = useWorkshopQuery().data?.workshop;
  return useMemo(() => {
    if (!workshop) return null;
    const pieces = new Map(stored.map(({ piece }) => [piece.id, piece]));
    const jobs = evening.jobs.flatMap(({ step, pieceId, startMin, endMin }) => {
      const piece = pieces.get(pieceId);
      return piece ? [{ step, piece, startMin, endMin }] : [];
    });
    return cautionCard(jobs, workshop.room, { supplies, mixes, droppers: workshop.dropsPerMl });
  }, [evening, stored, workshop, supplies, mixes]);
}
