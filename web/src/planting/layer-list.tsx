import { CATALOGUE } from '@eveningtide/core/materials';
import { GROWTH, GROWTHS, type Layer } from '@eveningtide/core/planting';
import { MOST_ROUNDS, MOST_SORTS, THICKEST_STRIP_MM } from '@eveningtide/core/limits';
import { ColourField } from '../ui/colour-field.js';
import { SureNumberField } from '../ui/number-field.js';
import { RowsField } from '../ui/rows-field.js';
import { SelectField } from '../ui/select-field.js';
import { TextField } from '../ui/text-field.js';

/** Of grass on a bank (common practice). */
const USUAL_FIBRE_MM = 4;
const NEW: Omit<Layer, 'id'> = { name: 'Turf', growth: 'turf', sharePct: 20, fibreMm: null, rounds: 1, colour: null };

/** What is laid over a share of the ground, from the lowest up. */
export function LayerList({ layers, onChange }: { layers: readonly Layer[]; onChange: (layers: Layer[]) => void }) {
  return (
    <RowsField legend="Laid over the ground" rows={layers} most={MOST_SORTS} added={NEW} addWords="Add a layer" onChange={onChange}>
      {(layer, set) => (
        <>
          <TextField
            label="Name"
            kept
            className="w-[6.5rem]"
            value={layer.name}
            onChange={(name) => {
              set({ name });
            }}
          />
          <SelectField
            label="What"
            className="w-28"
            value={layer.growth}
            options={GROWTHS.map((id) => ({ id, name: GROWTH[id].name }))}
            onChange={(growth) => {
              set({ growth, fibreMm: growth === 'grass' ? USUAL_FIBRE_MM : null });
            }}
          />
          <SureNumberField
            label="Share (%)"
            className="w-[4.25rem]"
            value={layer.sharePct}
            min={0}
            max={100}
            onChange={(sharePct) => {
              set({ sharePct });
            }}
          />
          {layer.fibreMm !== null && (
            <SureNumberField
              label="Fibre (mm)"
              className="w-[4.75rem]"
              value={layer.fibreMm}
              min={0.1}
              max={THICKEST_STRIP_MM}
              onChange={(fibreMm) => {
                set({ fibreMm });
              }}
            />
          )}
          <SureNumberField
            label={layer.growth === 'moss' ? 'Greens' : 'Rounds'}
            className="w-[3.75rem]"
            value={layer.rounds}
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
            value={layer.colour ?? CATALOGUE.material(GROWTH[layer.growth].material).colour}
            onChange={(colour) => {
              set({ colour });
            }}
          />
        </>
      )}
    </RowsField>
  );
}
