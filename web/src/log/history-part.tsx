import type { LogEntry } from '@eveningtide/core/log';
import { pieceAsDone } from '@eveningtide/core/records';
import type { Picture, Piece } from '@eveningtide/core/subjects';
import { techniqueById } from '@eveningtide/core/techniques';
import { useMemo, useState } from 'react';
import { FocusProvider } from '../pieces/focus.js';
import { SectionPanel } from '../pieces/section-panel.js';
import { BeforeAfter } from './before-after.js';
import { Range } from '../ui/range.js';

/** A piece's history as its build-up: the cut through what was really laid, what was otherwise, and its pictures. */
export function HistoryPart({ piece, log }: { piece: Piece; log: readonly LogEntry[] }) {
  const { piece: asDone, differences } = useMemo(() => pieceAsDone(piece, log), [piece, log]);
  const ofLog = log.flatMap((entry) => entry.pictures);
  const pictures: Picture[] = [...piece.pictures, ...ofLog];
  const [chosen, setAt] = useState<number | null>(null);
  const at = Math.min(chosen ?? asDone.steps.length, asDone.steps.length);
  return (
    <div className="grid items-start gap-x-6 min-[64rem]:grid-cols-[minmax(0,1fr)_28rem]">
      <div className="px-4 py-3">
        <h2 className="text-lg font-semibold">Otherwise than planned</h2>
        {differences.length === 0 ? (
          <p className="text-ink-2">All of it was done as planned.</p>
        ) : (
          <ul className="list-disc pl-5">
            {differences.map(({ kind, text }) => (
              <li key={`${kind} ${text}`}>
                <b>{kind}</b>: {text}
              </li>
            ))}
          </ul>
        )}
        <h2 className="mt-4 text-lg font-semibold">Before and after</h2>
        <BeforeAfter pictures={pictures} before={ofLog.length > 1 ? ofLog[0] : undefined} />
      </div>
      <div className="border-l border-line-strong">
        <FocusProvider key={piece.id}>
          <SectionPanel piece={asDone} openStepId={asDone.steps[at - 1]?.id ?? null} />
          {asDone.steps.length > 0 && (
            <label className="block px-4 py-2 text-[0.8125rem] text-ink-2">
              after step {at} of {asDone.steps.length}: {techniqueById(asDone.steps[at - 1]?.technique ?? '').name.toLowerCase()}
              <Range
                label="Along the steps that were done"
                words={`after step ${String(at)}`}
                value={at}
                min={1}
                max={asDone.steps.length}
                onChange={setAt}
              />
            </label>
          )}
        </FocusProvider>
      </div>
    </div>
  );
}
