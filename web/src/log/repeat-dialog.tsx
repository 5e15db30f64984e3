import type { LogEntry } from '@eveningtide/core/log';
import { pieceAsDone } from '@eveningtide/core/records';
import type { Piece } from '@eveningtide/core/subjects';
import { useMemo } from 'react';
import { SaveFinishDialog } from '../finishes/save-finish-dialog.js';

/** From the log to a finish: as it was done, not as it was planned. Applied, it fits itself to the piece, the air and the bottles of that day. */
export function RepeatDialog({ piece, log, onClose }: { piece: Piece; log: readonly LogEntry[]; onClose: () => void }) {
  const { piece: asDone, differences } = useMemo(() => pieceAsDone(piece, log), [piece, log]);
  return (
    <SaveFinishDialog piece={asDone} onClose={onClose}>
      <div>
        <h3 className="font-semibold">
          As it was done: {asDone.steps.length} steps{differences.length === 0 ? ', all as planned' : '; otherwise than planned:'}
        </h3>
        <ul className="max-h-40 list-disc overflow-auto pl-5">
          {differences.map(({ kind, text }) => (
            <li key={`${kind} ${text}`}>
              <b>{kind}</b>: {text}
            </li>
          ))}
        </ul>
        <p className="mt-1 text-ink-2">
          Apply it from Finishes to the next piece: it is fitted to its zones, to the air then, and to the bottles there are; what is
          otherwise is listed.
        </p>
      </div>
    </SaveFinishDialog>
  );
}
