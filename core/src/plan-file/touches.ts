import type { Piece } from '../subjects/index.js';

/** Where something of the shelf is used: a piece, and its steps by number from 1. */
export interface Touch {
  pieceId: string;
  name: string;
  steps: number[];
}

/** Where each bottle is used, by its id: all of them at once, as a shelf holds hundreds. */
export function usesOfBottles(pieces: readonly Piece[]): ReadonlyMap<string, Touch[]> {
  const uses = new Map<string, Touch[]>();
  for (const { id: pieceId, name, steps } of pieces)
    steps.forEach(({ bottleId }, i) => {
      if (bottleId === null) return;
      const known = uses.get(bottleId) ?? [];
      const last = known.at(-1);
      if (last?.pieceId === pieceId) last.steps.push(i + 1);
      else uses.set(bottleId, [...known, { pieceId, name, steps: [i + 1] }]);
    });
  return uses;
}

/** The pieces that use a bottle, or a material in whatever bottle, in the order of the pieces. */
export function touchedBy(pieces: readonly Piece[], what: { bottleId: string } | { material: string }): Touch[] {
  if ('bottleId' in what) return usesOfBottles(pieces).get(what.bottleId) ?? [];
  return pieces.flatMap((piece) => {
    const steps = piece.steps.flatMap((step, i) => (step.material === what.material ? [i + 1] : []));
    return steps.length > 0 ? [{ pieceId: piece.id, name: piece.name, steps }] : [];
  });
}
