import { FORMER, FORMERS, type Load, type Profile } from '@eveningtide/core/loads';
import { LONGEST_STRIP_MM, LONGEST_TEXT, MOST_COUNT, THICKEST_STRIP_MM } from '@eveningtide/core/limits';
import { Check } from '../ui/check.js';
import { SureNumberField } from '../ui/number-field.js';
import { ScaleField } from '../ui/scale-field.js';
import { SelectField } from '../ui/select-field.js';
import { TextField } from '../ui/text-field.js';
import { WagonFields } from './wagon-fields.js';

const PROFILE_WORDS: readonly { id: Profile; name: string }[] = [
  { id: 'flat', name: 'flat on top' },
  { id: 'heap', name: 'a heap' },
  { id: 'hollow', name: 'hollow in the middle' },
];
const OVER_WORDS = new Map<Profile, string>([
  ['flat', 'Over the edge (mm)'],
  ['heap', 'Crest over the edge (mm)'],
  ['hollow', 'Deep in the middle (mm)'],
]);

type Measure = 'lengthMm' | 'widthMm' | 'depthMm' | 'overMm' | 'coverMm' | 'count' | 'glueParts' | 'waterParts';

/** What a load is: measures inside, shape, what fills it, glue, and the wagon it is for. */
export function LoadFields({ load, onChange }: { load: Load; onChange: (given: Partial<Load>) => void }) {
  const number = (label: string, field: Measure, min: number, max: number, whole = false) => (
    <SureNumberField
      label={label}
      value={load[field]}
      min={min}
      max={max}
      whole={whole}
      onChange={(value) => {
        onChange({ [field]: value });
      }}
    />
  );
  return (
    <div className="grid grid-cols-6 gap-x-3 gap-y-2 [&>*]:col-span-2">
      <TextField
        label="Name of the load"
        kept
        className="!col-span-3"
        value={load.name}
        onChange={(name) => {
          onChange({ name });
        }}
      />
      <ScaleField
        className="!col-span-2"
        value={load.scaleRatio}
        onChange={(scaleRatio) => {
          onChange({ scaleRatio });
        }}
      />
      <div className="!col-span-1">{number('How many', 'count', 1, MOST_COUNT, true)}</div>
      {number('Length inside (mm)', 'lengthMm', 0.1, LONGEST_STRIP_MM)}
      {number('Width inside (mm)', 'widthMm', 0.1, LONGEST_STRIP_MM)}
      {number('Floor to edge (mm)', 'depthMm', 0, THICKEST_STRIP_MM)}
      <SelectField
        label="Shape"
        value={load.profile}
        options={PROFILE_WORDS}
        onChange={(profile) => {
          onChange({ profile });
        }}
      />
      {number(OVER_WORDS.get(load.profile) ?? '', 'overMm', 0, THICKEST_STRIP_MM)}
      <span />
      <SelectField
        label="Filled with"
        value={load.former}
        options={FORMERS.map((id) => ({ id, name: FORMER[id].name }))}
        onChange={(former) => {
          onChange({ former });
        }}
      />
      {load.former === 'none' ? <span /> : number('Grains on it (mm thick)', 'coverMm', 0.1, THICKEST_STRIP_MM)}
      <span />
      {number('White glue (parts)', 'glueParts', 0, 1000)}
      {number('Water (parts)', 'waterParts', 0, 1000)}
      <span />
      <WagonFields load={load} onChange={onChange} />
      <Check
        className="!col-span-3"
        checked={load.lifts}
        onChange={(lifts) => {
          onChange({ lifts });
        }}
      >
        It lifts out
      </Check>
      <Check
        className="!col-span-3"
        checked={load.leaks}
        onChange={(leaks) => {
          onChange({ leaks });
        }}
      >
        There are doors or hatches below
      </Check>
      <TextField
        label="What for"
        className="!col-span-3"
        maxLength={LONGEST_TEXT}
        value={load.note}
        onChange={(note) => {
          onChange({ note });
        }}
      />
      <TextField
        label="Train it runs in"
        className="!col-span-3"
        maxLength={LONGEST_TEXT}
        value={load.consist}
        onChange={(consist) => {
          onChange({ consist });
        }}
      />
    </div>
  );
}
