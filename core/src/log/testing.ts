import type { Piece } from '../subjects/index.js';
import { momentOf } from '../units/index.js';
import { expandRounds } from '../sequence/index.js';
import { plainEntry, type LogEntry } from './entry.js';

/** For tests: a step of a piece, by its number as it is done, from one minute to another; going on where there is no other. */
export function worked(
  piece: Piece,
  index: number,
  [fromMin, toMin]: readonly [number, number | null],
  { date, sitting = 0, ...more }: Partial<LogEntry> & { date: string },
): LogEntry {
  const step = expandRounds(piece.steps, piece.groups)[index];
  if (!step) throw new RangeError(`index must be one of ${piece.name}'s steps, got ${String(index)}`);
  return plainEntry({
    id: `${piece.id}-${step.id}-${String(sitting)}`,
    kind: 'work',
    pieceId: piece.id,
    stepId: step.id,
    sitting,
    step,
    startedAt: momentOf(date, fromMin),
    endedAt: toMin === null ? null : momentOf(date, toMin),
    ...more,
  });
}
