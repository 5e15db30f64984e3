import { isStepDone } from '@eveningtide/core/schedule';
import type { Piece } from '@eveningtide/core/subjects';
import { countWords } from '../ui/words.js';
import { usePieceOutlook } from '../workers/outlook-context.js';

/** How many of its steps are done, drawn and in words. */
export function PieceProgress({ piece }: { piece: Piece }) {
  const own = usePieceOutlook(piece.id);
  const all = own?.steps.length ?? piece.steps.length;
  const done = own?.steps.filter((_, index) => isStepDone(own, index)).length ?? 0;
  if (all === 0) return <p className="text-ink-2">no steps yet</p>;
  return (
    <>
      <p>{done === 0 ? countWords(all, 'step') : `${String(done)} of ${countWords(all, 'step')} done`}</p>
      <div aria-hidden="true" className="my-1 h-1.5 max-w-40 border border-line-strong bg-field">
        <div className="h-full bg-tide" style={{ width: `${String((100 * done) / all)}%` }} />
      </div>
    </>
  );
}
