import { resized, type Piece } from '@eveningtide/core/subjects';
import { LONGEST_TEXT } from '@eveningtide/core/limits';
import { editorActions } from '../store/editor.js';
import { useAppDispatch } from '../store/store.js';
import { Check } from '../ui/check.js';
import { DayInput } from '../ui/day-input.js';
import { Field } from '../ui/field.js';
import { QuantityField } from '../ui/number-field.js';
import { Panel } from '../ui/panel.js';
import { SelectField } from '../ui/select-field.js';

const SHEENS = ['matt', 'satin', 'gloss'].map((id) => ({ id: id as Piece['sheenWanted'], name: id }));
const SIZES = [
  { name: 'lengthMm', label: 'Length' },
  { name: 'widthMm', label: 'Width' },
  { name: 'heightMm', label: 'Height' },
] as const;
const UNMEASURED = { lengthMm: 100, widthMm: 30, heightMm: 40 };

/** What the piece is and shall become. */
export function PieceFacts({ piece }: { piece: Piece }) {
  const dispatch = useAppDispatch();
  const patch = (change: Parameters<typeof editorActions.patched>[0]) => {
    dispatch(editorActions.patched(change));
  };
  return (
    <Panel title="The piece">
      <div className="grid grid-cols-6 gap-2">
        <Field label="Note" className="col-span-6">
          {(ids) => (
            <textarea
              {...ids}
              rows={3}
              className="field"
              maxLength={LONGEST_TEXT}
              value={piece.note}
              onChange={(event) => {
                patch({ note: event.target.value });
              }}
            />
          )}
        </Field>
        <Field label="Done by" className="col-span-3">
          {(ids) => (
            <DayInput
              {...ids}
              value={piece.doneBy ?? ''}
              onChange={(day) => {
                patch({ doneBy: day || null });
              }}
            />
          )}
        </Field>
        <SelectField
          label="Sheen wanted"
          className="col-span-3"
          value={piece.sheenWanted}
          options={SHEENS}
          onChange={(sheenWanted) => {
            patch({ sheenWanted });
          }}
        />
        <Check
          className="col-span-3"
          checked={piece.cleaned}
          onChange={(cleaned) => {
            patch({ cleaned });
          }}
        >
          came washed
        </Check>
        <Check
          className="col-span-3"
          checked={piece.handled}
          onChange={(handled) => {
            patch({ handled });
          }}
        >
          will be handled
        </Check>
        {SIZES.map(({ name, label }) => (
          <div key={name} className="col-span-2">
            <QuantityField
              label={label}
              quantity="length"
              value={piece.sizeMm?.[name] ?? null}
              min={1}
              max={2000}
              optional={false}
              onChange={(mm) => {
                if (mm !== null) dispatch(editorActions.resized(resized(piece, { ...(piece.sizeMm ?? UNMEASURED), [name]: mm })));
              }}
            />
          </div>
        ))}
        <p className="col-span-6 text-[0.8125rem] text-ink-3">
          Another size recalculates all areas, those typed by hand too; undo takes it back.
        </p>
      </div>
    </Panel>
  );
}
