import { PLANT, PLANT_KINDS, type Plants } from '@eveningtide/core/planting';
import { MOST_PLANTS, MOST_SORTS, THICKEST_STRIP_MM } from '@eveningtide/core/limits';
import { Check } from '../ui/check.js';
import { SureNumberField } from '../ui/number-field.js';
import { RowsField } from '../ui/rows-field.js';
import { SelectField } from '../ui/select-field.js';
import { TextField } from '../ui/text-field.js';

const NEW: Omit<Plants, 'id'> = { name: 'Tufts', plant: 'tuft', count: 6, acrossMm: 6, heightMm: 8, inThrees: false };

/** What stands by itself: tufts, bushes, trees. */
export function PlantsList({ plants, onChange }: { plants: readonly Plants[]; onChange: (plants: Plants[]) => void }) {
  return (
    <RowsField
      legend="Set one by one"
      rows={plants}
      most={MOST_SORTS}
      added={(id) => ({ ...NEW, id })}
      addWords="Add plants"
      onChange={onChange}
    >
      {(own, set) => (
        <>
          <TextField
            label="Name"
            kept
            className="w-32"
            value={own.name}
            onChange={(name) => {
              set({ name });
            }}
          />
          <SelectField
            label="What"
            className="w-24"
            value={own.plant}
            options={PLANT_KINDS.map((id) => ({ id, name: PLANT[id].name }))}
            onChange={(plant) => {
              set({ plant });
            }}
          />
          <SureNumberField
            label="How many"
            className="w-20"
            value={own.count}
            min={0}
            max={MOST_PLANTS}
            whole
            onChange={(count) => {
              set({ count });
            }}
          />
          <SureNumberField
            label="Across (mm)"
            className="w-20"
            value={own.acrossMm}
            min={0.1}
            max={THICKEST_STRIP_MM}
            onChange={(acrossMm) => {
              set({ acrossMm });
            }}
          />
          <SureNumberField
            label="High (mm)"
            className="w-20"
            value={own.heightMm}
            min={0.1}
            max={THICKEST_STRIP_MM}
            onChange={(heightMm) => {
              set({ heightMm });
            }}
          />
          <Check
            className="mb-1.5"
            checked={own.inThrees}
            onChange={(inThrees) => {
              set({ inThrees });
            }}
          >
            in threes
          </Check>
        </>
      )}
    </RowsField>
  );
}
