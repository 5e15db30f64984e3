import { MATTER, MATTERS, type Grain, type Load } from '@eveningtide/core/loads';
import { MOST_GRAINS, THICKEST_STRIP_MM } from '@eveningtide/core/limits';
import { SureNumberField } from '../ui/number-field.js';
import { RowsField } from '../ui/rows-field.js';
import { SelectField } from '../ui/select-field.js';
import { TextField } from '../ui/text-field.js';

const NEW: Omit<Grain, 'id'> = { name: 'Stone', matter: 'stone', grainMm: 2, parts: 1 };

/** The grains of a load, mixed in parts. */
export function GrainList({ load: { grains }, onChange }: { load: Load; onChange: (grains: Grain[]) => void }) {
  return (
    <RowsField
      legend="What it is made of"
      rows={grains}
      most={MOST_GRAINS}
      added={(id) => ({ ...NEW, id })}
      addWords="Add a grain"
      onChange={onChange}
    >
      {(grain, set) => (
        <>
          <TextField
            label="Name"
            kept
            className="w-36"
            value={grain.name}
            onChange={(name) => {
              set({ name });
            }}
          />
          <SelectField
            label="Stuff"
            value={grain.matter}
            options={MATTERS.map((id) => ({ id, name: MATTER[id].name }))}
            onChange={(matter) => {
              set({ matter });
            }}
          />
          <SureNumberField
            label="Grain (mm)"
            className="w-24"
            value={grain.grainMm}
            min={0.01}
            max={THICKEST_STRIP_MM}
            onChange={(grainMm) => {
              set({ grainMm });
            }}
          />
          <SureNumberField
            label="Parts"
            className="w-20"
            value={grain.parts}
            min={0}
            max={1000}
            onChange={(parts) => {
              set({ parts });
            }}
          />
        </>
      )}
    </RowsField>
  );
}
