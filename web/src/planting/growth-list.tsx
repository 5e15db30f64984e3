import { CATALOGUE } from '@eveningtide/core/materials';
import { GROWTH, GROWTH_KINDS, type Growth } from '@eveningtide/core/planting';
import { MOST_ROUNDS, MOST_SORTS, THICKEST_STRIP_MM } from '@eveningtide/core/limits';
import { ColourField } from '../ui/colour-field.js';
import { SureNumberField } from '../ui/number-field.js';
import { RowsField } from '../ui/rows-field.js';
import { SelectField } from '../ui/select-field.js';
import { TextField } from '../ui/text-field.js';

/** Of grass on a bank (common practice). */
const USUAL_FIBRE_MM = 4;
const NEW: Omit<Growth, 'id'> = { name: 'Turf', kind: 'turf', sharePct: 20, fibreMm: null, rounds: 1, colour: null };

/** What is laid over a share of the ground, from the lowest up. */
export function GrowthList({ growths, onChange }: { growths: readonly Growth[]; onChange: (growths: Growth[]) => void }) {
  return (
    <RowsField
      legend="Laid over the ground"
      rows={growths}
      most={MOST_SORTS}
      added={(id) => ({ ...NEW, id })}
      addWords="Add growth"
      onChange={onChange}
    >
      {(growth, set) => (
        <>
          <TextField
            label="Name"
            kept
            className="w-[6.5rem]"
            value={growth.name}
            onChange={(name) => {
              set({ name });
            }}
          />
          <SelectField
            label="What"
            className="w-28"
            value={growth.kind}
            options={GROWTH_KINDS.map((id) => ({ id, name: GROWTH[id].name }))}
            onChange={(kind) => {
              set({ kind, fibreMm: kind === 'grass' ? USUAL_FIBRE_MM : null });
            }}
          />
          <SureNumberField
            label="Share (%)"
            className="w-[4.25rem]"
            value={growth.sharePct}
            min={0}
            max={100}
            onChange={(sharePct) => {
              set({ sharePct });
            }}
          />
          {growth.fibreMm !== null && (
            <SureNumberField
              label="Fibre (mm)"
              className="w-[4.75rem]"
              value={growth.fibreMm}
              min={0.1}
              max={THICKEST_STRIP_MM}
              onChange={(fibreMm) => {
                set({ fibreMm });
              }}
            />
          )}
          <SureNumberField
            label={growth.kind === 'moss' ? 'Greens' : 'Rounds'}
            className="w-[3.75rem]"
            value={growth.rounds}
            min={1}
            max={MOST_ROUNDS}
            whole
            onChange={(rounds) => {
              set({ rounds });
            }}
          />
          <ColourField
            label="Colour"
            className="w-12"
            value={growth.colour ?? CATALOGUE.material(GROWTH[growth.kind].material).colour}
            onChange={(colour) => {
              set({ colour });
            }}
          />
        </>
      )}
    </RowsField>
  );
}
