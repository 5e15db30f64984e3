import { progressOf, withoutLeftOut, type LogEntry, type Progress } from '../log/index.js';
import { expandRounds } from '../sequence/index.js';
import type { Piece, Step } from '../subjects/index.js';
import { minuteOf } from '../units/index.js';

/** Nothing is dry at once, whatever was pressed (our number). */
const LEAST_FACTOR = 0.02;

/** A piece as it stands at the bench. */
export interface Doing {
  piece: Piece;
  /** Rounds laid out, without what was left out. */
  steps: Step[];
  progress: Progress;
  /** How much slower than foreseen each step's coat was seen to dry; 1 where it was not looked at. */
  dryFactors: number[];
}

/** What the log says of a piece, on its steps. */
export function doingOf(piece: Piece, log: readonly LogEntry[], originDate: string): Doing {
  const progress = progressOf(piece.id, log, originDate);
  const steps = withoutLeftOut(expandRounds(piece.steps, piece.groups), progress);
  return { piece, steps, progress, dryFactors: steps.map((step) => seenFactor(step, progress)) };
}

/** What the log says of each piece; a long log is gone through once, not once a piece. */
export function doingsOf(pieces: readonly Piece[], log: readonly LogEntry[], originDate: string): Doing[] {
  const byPiece = new Map<string, LogEntry[]>(pieces.map(({ id }) => [id, []]));
  for (const entry of log) byPiece.get(entry.pieceId)?.push(entry);
  return pieces.map((piece) => doingOf(piece, byPiece.get(piece.id) ?? [], originDate));
}

/** Of the last coat that was tried with a dry finger. */
function seenFactor(step: Step, progress: Progress): number {
  for (let sitting = step.coats - 1; sitting >= 0; sitting--) {
    const sat = progress.sat(step.id, sitting);
    const test = sat?.entry.dryTest;
    if (!test || !sat.entry.endedAt || test.labelMin <= 0) continue;
    const day = test.at.slice(0, 10);
    return Math.max(LEAST_FACTOR, (minuteOf(day, test.at) - minuteOf(day, sat.entry.endedAt)) / test.labelMin);
  }
  return 1;
}
