import { MOST_COMPONENTS, formatRatio, parseRatio } from '@eveningtide/core/mixing';
import { Plus, Undo2 } from 'lucide-react';
import { useCallback, useState } from 'react';
import { useUndoKeys } from '../keys/use-undo-keys.js';
import { EMPTY_CUP, cupActions } from '../store/cup.js';
import { useAppDispatch, useAppSelector } from '../store/store.js';
import { Button } from '../ui/button.js';
import { Field } from '../ui/field.js';
import { QuantityField } from '../ui/number-field.js';
import { Empty } from '../ui/states.js';
import { Corrections } from './corrections.js';
import { CupResult } from './cup-result.js';
import { CupRows } from './cup-rows.js';
import { ForPieces } from './for-pieces.js';

/** A cup to think out: up to five things in any measure, scaled to what is needed, counted out. */
export function CupPart() {
  const dispatch = useAppDispatch();
  const { now: cup, past } = useAppSelector((state) => state.cup);
  const undo = useCallback(() => dispatch(cupActions.undone()), [dispatch]);
  useUndoKeys(undo);
  const filled = cup.components.some(({ parts }) => parts > 0);
  const add = () => {
    const last = cup.components.at(-1);
    dispatch(
      cupActions.set({
        components: [
          ...cup.components,
          {
            material: last ? 'acrylic-thinner' : 'acrylic-matt',
            bottleId: null,
            // parts are a ratio; any other measure tells what is there, and none of what is new is
            parts: filled && cup.measure !== 'parts' ? 0 : 1,
          },
        ],
      }),
    );
  };
  return (
    <div className="grid items-start gap-6 xl:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
      <section aria-label="What goes in">
        <div className="mb-2 flex flex-wrap gap-2">
          <Button small disabled={cup.components.length >= MOST_COMPONENTS} onClick={add}>
            <Plus size={15} aria-hidden="true" /> Add a component
          </Button>
          <Button small disabled={past.length === 0} onClick={() => dispatch(cupActions.undone())}>
            <Undo2 size={15} aria-hidden="true" /> Undo
          </Button>
          <Button small disabled={cup.components.length === 0} onClick={() => dispatch(cupActions.set(EMPTY_CUP))}>
            Empty the cup
          </Button>
          {cup.components.length >= MOST_COMPONENTS && <p className="self-center text-[0.8125rem] text-ink-2">Five at most.</p>}
        </div>
        {cup.components.length === 0 ? (
          <Empty title="Nothing in the cup">
            Add what goes in, or open a mix from the plan, from the kept ones or from the finder. Amounts may be told in parts, per cent,
            drops, millilitres, caps, grams or level spoons, and are turned from one into another.
          </Empty>
        ) : (
          <>
            <CupRows cup={cup} />
            <RatioField
              parts={cup.components.map(({ parts }) => parts)}
              onChange={(parts) =>
                dispatch(
                  cupActions.set({
                    measure: 'parts',
                    components: cup.components.map((component, i) => ({ ...component, parts: parts[i] ?? 0 })),
                  }),
                )
              }
            />
            <div className="mt-3 grid grid-cols-[9rem_1fr] items-end gap-3">
              <QuantityField
                label="Make"
                quantity="volume"
                value={cup.totalMl}
                min={0.05}
                max={5000}
                optional={false}
                onChange={(totalMl) => {
                  if (totalMl !== null) dispatch(cupActions.set({ totalMl }));
                }}
              />
              <ForPieces cup={cup} />
            </div>
          </>
        )}
        {filled && <Corrections cup={cup} />}
      </section>
      {filled && <CupResult cup={cup} />}
    </div>
  );
}

/** The ratio as one line of text. */
function RatioField({ parts, onChange }: { parts: readonly number[]; onChange: (parts: number[]) => void }) {
  const [typed, setTyped] = useState<string | null>(null);
  const shown = typed ?? formatRatio(parts);
  const read = parseRatio(shown);
  const right = read.ok && read.value.length === parts.length;
  const error =
    parts.length < 2 || right ? undefined : `Allowed: ${read.ok ? `${String(parts.length)} numbers, one for each` : read.problem.allowed}`;
  if (parts.length < 2) return null;
  return (
    <Field label="Ratio by volume" error={error} className="mt-3 max-w-80">
      {(ids) => (
        <input
          {...ids}
          className="field figures"
          value={shown}
          onChange={(event) => {
            setTyped(event.target.value);
            const now = parseRatio(event.target.value);
            if (now.ok && now.value.length === parts.length) onChange(now.value);
          }}
          onBlur={() => {
            if (right) setTyped(null);
          }}
        />
      )}
    </Field>
  );
}
