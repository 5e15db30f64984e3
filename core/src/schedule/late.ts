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
  return pieces.flatMap((piece): LatePiece[] => {
    const ends = plan.placed.filter(({ id }) => operationOf(id).pieceId === piece.id).map(({ endMin }) => endMin);
    if (piece.doneBy === null || ends.length === 0) return [];
    const doneOn = dateOf(originDate, Math.max(...ends));
    return doneOn > piece.doneBy ? [{ piece, doneBy: piece.doneBy, doneOn }] : [];
  });
}
