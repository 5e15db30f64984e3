import type { Looks } from '@eveningtide/core/sequence';
import type { Piece } from '@eveningtide/core/subjects';
import { techniqueById } from '@eveningtide/core/techniques';
import { Button } from '../ui/button.js';
import { Term } from '../terms/term.js';
import { Swatch } from '../ui/swatch.js';
import { Range } from '../ui/range.js';

interface LookSliderProps {
  piece: Piece;
  looks: readonly Record<string, Looks>[];
  /** After so many steps. */
  at: number;
  /** Null follows the open step, or shows the end. */
  onChange: (at: number | null) => void;
}

/** Goes along the sequence: how the zones are predicted to look after each step. */
export function LookSlider({ piece, looks, at, onChange }: LookSliderProps) {
  const step = piece.steps[at - 1];
  const words = step ? `after step ${String(at)}, ${techniqueById(step.technique).name.toLowerCase()}` : 'as it came';
  const now = looks[at] ?? {};
  const reached = piece.zones.filter(
    ({ id, keepClean }) => keepClean === null && (step?.zones.includes('all') === true || step?.zones.includes(id) === true),
  );
  const shown = reached.length > 0 ? reached : piece.zones.filter(({ keepClean }) => keepClean === null);
  const guessed = shown.some(({ id }) => now[id]?.guessed);
  return (
    <div className="mt-2 border-t border-line pt-2">
      <label className="block text-[0.8125rem] text-ink-2">
        Predicted look {words}
        <Range label="Along the sequence" words={words} value={at} min={0} max={piece.steps.length} onChange={onChange} />
      </label>
      <p className="flex gap-1.5">
        <Button
          small
          onClick={() => {
            onChange(0);
          }}
        >
          Before
        </Button>
        <Button
          small
          onClick={() => {
            onChange(piece.steps.length);
          }}
        >
          After
        </Button>
      </p>
      <table className="mt-1 w-full text-[0.8125rem]">
        <thead className="sr-only">
          <tr>
            <th scope="col">Zone</th>
            <th scope="col">Recess, face, crest</th>
          </tr>
        </thead>
        <tbody>
          {shown.slice(0, 6).map(({ id, name }) => {
            const look = now[id];
            return (
              <tr key={id}>
                <th scope="row" className="pr-2 text-left font-normal text-ink-2">
                  {name}
                </th>
                <td>
                  {look && (
                    <span className="flex items-center justify-end gap-1">
                      <span className="sr-only">
                        recess {look.recess}, face {look.face}, crest {look.crest}
                      </span>
                      <Swatch colour={look.recess} size={16} />
                      <Swatch colour={look.face} size={16} />
                      <Swatch colour={look.crest} size={16} />
                    </span>
                  )}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <p className="text-[0.8125rem] text-ink-3">
        <Term id="recess">Groove</Term>, <Term id="face">face</Term> and <Term id="crest">edge</Term>, by simple layer mixing: which way it
        goes, not what a colour meter reads.
        {guessed && ' Some colours below are not set.'}
      </p>
    </div>
  );
}
