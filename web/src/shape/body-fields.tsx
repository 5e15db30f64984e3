import { FARTHEST_MM, LONGEST_NAME } from '@eveningtide/core/limits';
import {
  BODY_KINDS,
  SUBSTRATES,
  SURFACES,
  SURFACE_IDS,
  WHERES,
  bodyKind,
  type Body,
  type Size,
  type Where,
} from '@eveningtide/core/subjects';
import { toTenth } from '@eveningtide/core/units';
import { QuantityField } from '../ui/number-field.js';
import { SelectField } from '../ui/select-field.js';
import { TextField } from '../ui/text-field.js';

const WHERE_WORDS: Readonly<Record<Where, string>> = { on: 'on what is there', below: 'below it', beside: 'beside it' };

const DIMENSIONS: readonly [keyof Size, string][] = [
  ['lengthMm', 'Length'],
  ['widthMm', 'Width'],
  ['heightMm', 'Height'],
];

/** The real thing at a scale. */
const scaled = ({ lengthMm, widthMm, heightMm }: Size, ratio: number): Size => ({
  lengthMm: toTenth(lengthMm / ratio),
  widthMm: toTenth(widthMm / ratio),
  heightMm: toTenth(heightMm / ratio),
});

/** What is put to a piece: a plain body, its size, what it is of, and where it goes. */
export function BodyFields({ body, scaleRatio, onChange }: { body: Body; scaleRatio: number; onChange: (change: Partial<Body>) => void }) {
  const kind = bodyKind(body.kind);
  return (
    <div className="mt-2 grid grid-cols-6 gap-2">
      <SelectField
        label="Body"
        className="col-span-2"
        value={body.kind}
        options={BODY_KINDS}
        onChange={(id) => {
          const { name, realMm } = bodyKind(id);
          onChange({
            kind: id,
            // a name of its own stays
            ...(body.name === kind.name ? { name } : {}),
            ...(realMm ? { size: scaled(realMm, scaleRatio) } : {}),
          });
        }}
      />
      <TextField
        label="Called"
        className="col-span-2"
        value={body.name}
        maxLength={LONGEST_NAME - 20}
        kept
        onChange={(name) => {
          onChange({ name });
        }}
      />
      <SelectField
        label="Goes"
        className="col-span-2"
        value={body.where}
        options={WHERES.map((id) => ({ id, name: WHERE_WORDS[id] }))}
        onChange={(where) => {
          onChange({ where });
        }}
      />
      {DIMENSIONS.map(([name, label]) => (
        <div key={name} className="col-span-2">
          <QuantityField
            // another body brings other dimensions
            key={body.kind}
            label={label}
            quantity="length"
            optional={false}
            min={0.1}
            max={FARTHEST_MM / 2}
            value={body.size[name]}
            onChange={(mm) => {
              if (mm !== null) onChange({ size: { ...body.size, [name]: mm } });
            }}
          />
        </div>
      ))}
      <SelectField
        label="Made of"
        className="col-span-2"
        value={body.substrate}
        options={SUBSTRATES}
        onChange={(substrate) => {
          onChange({ substrate });
        }}
      />
      <SelectField
        label="Its surface"
        className="col-span-2"
        value={body.surface}
        options={SURFACE_IDS.map((id) => ({ id, name: SURFACES[id].name }))}
        onChange={(surface) => {
          onChange({ surface });
        }}
      />
      <label className="col-span-2 flex items-end gap-2 pb-1.5">
        <input
          type="checkbox"
          checked={body.removable}
          onChange={(event) => {
            onChange({ removable: event.target.checked });
          }}
        />
        can be taken off
      </label>
      <p className="col-span-6 text-[0.8125rem] text-ink-2">{kind.note}</p>
    </div>
  );
}
