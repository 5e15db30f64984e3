import type { Bottle } from '@eveningtide/core/materials';
import { MOST_PRICE } from '@eveningtide/core/limits';
import { Check } from '../ui/check.js';
import { ColourField } from '../ui/colour-field.js';
import { NumberField } from '../ui/number-field.js';

/** A light tint to begin with: the painter picks the real one. */
const USUAL_SWATCH = { parts: [1, 4] as [number, number], colour: '#c8c4ba' };

/** Price, dropper and how strongly it tints: what mixing and needs reckon with. */
export function BottleMeasures({ bottle, onChange }: { bottle: Bottle; onChange: (given: Partial<Bottle>) => void }) {
  const { price, dropsPerMl, whiteSwatch } = bottle;
  const part = (at: 0 | 1, label: string) =>
    whiteSwatch && (
      <NumberField
        label={label}
        value={whiteSwatch.parts[at]}
        min={0.01}
        max={1000}
        optional={false}
        onChange={(value) => {
          if (value === null) return;
          const [own, white] = whiteSwatch.parts;
          onChange({ whiteSwatch: { ...whiteSwatch, parts: at === 0 ? [value, white] : [own, value] } });
        }}
      />
    );
  return (
    <fieldset className="col-span-6 grid grid-cols-3 items-end gap-3 border-t border-line pt-2">
      <legend className="pr-2 text-[0.8125rem] text-ink-2">For mixing and buying</legend>
      <NumberField
        label="Price of a full one"
        value={price}
        min={0}
        max={MOST_PRICE}
        onChange={(value) => {
          onChange({ price: value });
        }}
      />
      <NumberField
        label="Drops to the ml, counted"
        usual="as its liquid"
        value={dropsPerMl}
        min={5}
        max={100}
        onChange={(value) => {
          onChange({ dropsPerMl: value });
        }}
      />
      <Check
        className="pb-1"
        checked={whiteSwatch !== null}
        onChange={(yes) => {
          onChange({ whiteSwatch: yes ? USUAL_SWATCH : null });
        }}
      >
        a swatch with white
      </Check>
      {whiteSwatch && (
        <>
          {part(0, 'Parts of it')}
          {part(1, 'Parts of white')}
          <ColourField
            label="Colour of that, dry"
            value={whiteSwatch.colour}
            onChange={(colour) => {
              onChange({ whiteSwatch: { ...whiteSwatch, colour: colour } });
            }}
          />
          <p className="col-span-3 text-[0.8125rem] text-ink-3">
            Tells how strongly it tints; without it that is assumed from its kind, and recipes are less sure.
          </p>
        </>
      )}
    </fieldset>
  );
}
