import type { Piece } from '../subjects/index.js';

/** Where something of the shelf is used: a piece, and its steps by number from 1. */
export interface Touch {
  pieceId: string;
  name: string;
  steps: number[];
}

/** The pieces that use a bottle, or a material in whatever bottle, in the order of the pieces. */
export function touchedBy(pieces: readonly Piece[], what: { bottleId: string } | { material: string }): Touch[] {
  return pieces.flatMap((piece) => {
    const steps = piece.steps.flatMap((step, i) =>
      ('bottleId' in what ? step.bottleId === what.bottleId : step.material === what.material) ? [i + 1] : [],
    );
    return steps.length > 0 ? [{ pieceId: piece.id, name: piece.name, steps }] : [];
  });
}
