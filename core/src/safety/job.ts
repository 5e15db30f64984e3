import type { Piece, Step } from '../subjects/index.js';

/** A step that is done in an evening, with when, minutes. */
export interface CardJob {
  step: Step;
  piece: Piece;
  startMin: number;
  endMin: number;
}
