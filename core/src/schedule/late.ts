import type { Piece } from '../subjects/index.js';
import { dateOf } from '../units/index.js';
import type { Outlook } from './outlook.js';
import { operationOf } from './operation-id.js';

export interface LatePiece {
  piece: Piece;
  /** When it should be done, and when it will be. */
  doneBy: string;
  doneOn: string;
}

/** Pieces that will be done after the date they should be. */
export function latePieces(pieces: readonly Piece[], { plan, originDate }: Pick<Outlook, 'plan' | 'originDate'>): LatePiece[] {
  const due = new Set(pieces.filter(({ doneBy }) => doneBy !== null).map(({ id }) => id));
  if (due.size === 0) return [];
  const lastEnd = new Map<string, number>();
  for (const { id, endMin } of plan.placed) {
    const { pieceId } = operationOf(id);
    if (due.has(pieceId)) lastEnd.set(pieceId, Math.max(lastEnd.get(pieceId) ?? endMin, endMin));
  }
  return pieces.flatMap((piece): LatePiece[] => {
    const endMin = lastEnd.get(piece.id);
    if (piece.doneBy === null || endMin === undefined) return [];
    const doneOn = dateOf(originDate, endMin);
    return doneOn > piece.doneBy ? [{ piece, doneBy: piece.doneBy, doneOn }] : [];
  });
}
