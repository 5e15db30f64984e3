import type { Piece } from './piece.js';

/** The same piece once more, as if nothing had been done to it yet: nothing pinned, no date, no check ticked. Pieces are never changed in place, so both may share what is alike. */
export const duplicated = (piece: Piece, id: string, name: string): Piece => ({
  ...piece,
  id,
  name,
  doneBy: null,
  archivedOn: null,
  checks: piece.checks.map((check) => ({ ...check, done: false })),
  steps: piece.steps.map((step) => ({ ...step, pinnedAt: null })),
});
