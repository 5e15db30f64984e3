import { completionOf } from '@eveningtide/core/schedule';
import type { StoredPiece } from '../store/api.js';
import { usePlan } from '../workers/outlook-context.js';

export const ORDERS = [
  { id: 'made', name: 'as they were made' },
  { id: 'name', name: 'by name' },
  { id: 'done', name: 'soonest done first' },
] as const;
export type Order = (typeof ORDERS)[number]['id'];

/** Pieces in the order that is wanted; what has no day comes last. */
export function useOrdered(pieces: readonly StoredPiece[], order: Order): readonly StoredPiece[] {
  const { outlook } = usePlan();
  if (order === 'made') return pieces;
  if (order === 'name') return pieces.toSorted((a, b) => a.piece.name.localeCompare(b.piece.name, 'en', { numeric: true }));
  const doneMin = new Map(outlook?.pieces.map((own) => [own.pieceId, completionOf(own)?.paintedMin ?? Infinity]));
  const of = ({ piece }: StoredPiece): number => doneMin.get(piece.id) ?? Infinity;
  return pieces.toSorted((a, b) => (of(a) === of(b) ? 0 : of(a) - of(b)));
}
