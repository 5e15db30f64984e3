import type { Piece } from '../subjects/index.js';

/** One sitting of one step: the n-th coat where coats are laid apart, else the whole step. */
export const operationId = (piece: Pick<Piece, 'id'>, index: number, sitting: number): string =>
  `${piece.id}/${String(index)}/${String(sitting)}`;

/** Reads an operation's id back. */
export function operationOf(id: string): { pieceId: string; stepIndex: number; sitting: number } {
  const [pieceId = '', stepIndex = '', sitting = ''] = id.split('/');
  return { pieceId, stepIndex: Number(stepIndex), sitting: Number(sitting) };
}
