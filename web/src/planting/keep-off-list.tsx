import { KEEP_OFF, KEEP_OFF_KINDS, type KeepOff, type Planting } from '@eveningtide/core/planting';
import { FARTHEST_MM, MOST_KEEP_OFFS, THICKEST_STRIP_MM } from '@eveningtide/core/limits';
import { SureNumberField } from '../ui/number-field.js';
import { RowsField } from '../ui/rows-field.js';
import { SelectField } from '../ui/select-field.js';
import { TextField } from '../ui/text-field.js';

/** A single track with its ballast, at 1 : 76 (our number). */
const USUAL_WIDTH_MM = 32;

const PLACES = [
  ['From left', 'fromXMm'],
  ['from back', 'fromYMm'],
  ['to left', 'toXMm'],
  ['to back', 'toYMm'],
] as const;

/** Where nothing grows: straight strips, from a place to another. */
export function KeepOffList({ planting, onChange }: { planting: Planting; onChange: (keepOffs: KeepOff[]) => void }) {
  const { lengthMm, widthMm } = planting;
  // right across the middle
  const added: Omit<KeepOff, 'id'> = {
    ...{ name: 'Track', kind: 'track', widthMm: USUAL_WIDTH_MM },
    ...{ fromXMm: 0, fromYMm: widthMm / 2, toXMm: lengthMm, toYMm: widthMm / 2 },
  };
  return (
    <RowsField
      legend="Nothing grows here (mm)"
      rows={planting.keepOffs}
      most={MOST_KEEP_OFFS}
      added={(id) => ({ ...added, id })}
      addWords="Add a track or a path"
      onChange={onChange}
    >
      {(own, set) => (
        <>
          <TextField
            label="Name"
            kept
            className="w-28"
            value={own.name}
            onChange={(name) => {
              set({ name });
            }}
          />
          <SelectField
            label="What"
            className="w-28"
            value={own.kind}
            options={KEEP_OFF_KINDS.map((id) => ({ id, name: KEEP_OFF[id] }))}
            onChange={(kind) => {
              set({ kind });
            }}
          />
          {PLACES.map(([label, field]) => (
            <SureNumberField
              key={field}
              label={planting.stance === 'face' ? label.replace('back', 'top') : label}
              className="w-20"
              value={own[field]}
              min={-FARTHEST_MM}
              max={FARTHEST_MM}
              onChange={(mm) => {
                set({ [field]: mm });
              }}
            />
          ))}
          <SureNumberField
            label="Wide"
            className="w-20"
            value={own.widthMm}
            min={0.1}
            max={THICKEST_STRIP_MM}
            onChange={(mm) => {
              set({ widthMm: mm });
            }}
          />
        </>
      )}
    </RowsField>
  );
}
