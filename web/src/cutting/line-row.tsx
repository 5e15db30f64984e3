import {
  FACES,
  lengthWords,
  typedLength,
  type CutLine,
  type Face,
  type LineFacts,
  type MeasuredOn,
  type Strip,
} from '@eveningtide/core/cutting';
import { MOST_BOARDS, MOST_COUNT } from '@eveningtide/core/limits';
import { formatNumber } from '@eveningtide/core/units';
import { Trash2 } from 'lucide-react';
import { Check } from '../ui/check.js';
import { Field } from '../ui/field.js';
import { SureNumberField } from '../ui/number-field.js';
import { SelectField } from '../ui/select-field.js';
import { TextField } from '../ui/text-field.js';
import { TypedInput } from '../ui/typed-input.js';
import { useTakenUp } from '../ui/use-taken-up.js';
import { countWords } from '../ui/words.js';

const MEASURED_WORDS: readonly { id: MeasuredOn; name: string }[] = [
  { id: 'prototype', name: 'full size' },
  { id: 'model', name: 'on the model' },
];

/** A usual bundle: boards across and up (our numbers). */
const BUNDLE: Pick<CutLine, 'boardsWide' | 'boardsHigh' | 'seen' | 'bands'> = {
  boardsWide: 4,
  boardsHigh: 3,
  seen: ['top', 'left', 'front'],
  bands: 2,
};
const SINGLE: typeof BUNDLE = { boardsWide: 1, boardsHigh: 1, seen: [], bands: 0 };

export const isBundle = ({ boardsWide, boardsHigh, bands }: CutLine): boolean => boardsWide > 1 || boardsHigh > 1 || bands > 0;

interface LineRowProps {
  line: CutLine;
  letter: string;
  strips: readonly Strip[];
  /** Null until it is known. */
  facts: LineFacts | null;
  /** Just added: it is gone on with. */
  added: boolean;
  onChange: (given: Partial<CutLine>) => void;
  onRemove: () => void;
}

/** Pieces of one length: typed in any unit, full size or on the model; single things or bundles of boards. */
export function LineRow({ line, letter, strips, facts, added, onChange, onRemove }: LineRowProps) {
  const place = useTakenUp<HTMLLIElement>(added);
  const kept = `${String(line.lengthMm)} ${line.of}`;
  return (
    <li ref={place} aria-label={`${letter}: ${line.name}`} className="border-b border-line py-2">
      <div className="flex flex-wrap items-end gap-2">
        <b className="w-6 pb-1.5 text-center">{letter}</b>
        <TextField
          label="What"
          kept
          className="w-52"
          value={line.name}
          onChange={(name) => {
            onChange({ name });
          }}
        />
        <Field label="Length" className="w-32">
          {(ids) => (
            <TypedInput
              {...ids}
              value={kept}
              shown={lengthWords(line.lengthMm, line.of)}
              read={(text) => readLength(text)}
              isWhole={() => false}
              allowed="a length such as 20 ft, 6.1 m or 38 mm"
              onChange={(meant) => {
                const [mm, of] = meant.split(' ');
                if (mm && of) onChange({ lengthMm: Number(mm), of: of as MeasuredOn });
              }}
            />
          )}
        </Field>
        <SelectField
          label="measured"
          value={line.of}
          options={MEASURED_WORDS}
          onChange={(of) => {
            onChange({ of });
          }}
        />
        <p className="figures w-28 pb-1.5">
          {facts && `= ${line.of === 'model' ? lengthWords(facts.fullSizeMm, 'prototype') : lengthWords(facts.lengthMm, 'model')}`}
        </p>
        <SureNumberField
          label="How many"
          className="w-20"
          value={line.count}
          min={0}
          max={MOST_COUNT}
          whole
          onChange={(count) => {
            onChange({ count });
          }}
        />
        <SelectField
          label="from"
          value={line.stripId}
          options={strips.map(({ id, name }) => ({ id, name }))}
          onChange={(stripId) => {
            onChange({ stripId });
          }}
        />
        <Check
          className="no-print pb-1.5"
          checked={isBundle(line)}
          onChange={(on) => {
            onChange(on ? BUNDLE : SINGLE);
          }}
        >
          a bundle of boards
        </Check>
        <button
          type="button"
          aria-label={`Remove ${line.name}`}
          className="no-print mb-1 ml-auto rounded-sm p-1.5 hover:bg-ground"
          onClick={onRemove}
        >
          <Trash2 size={16} aria-hidden="true" />
        </button>
      </div>
      {isBundle(line) && <BundleFields line={line} facts={facts} onChange={onChange} />}
    </li>
  );
}

const readLength = (text: string): string | null => {
  const read = typedLength(text);
  return read && `${String(read.mm)} ${read.usuallyOf}`;
};

/** What a bundle is made of and what is done to it, in words. */
export function bundleWords({ boardsWide, boardsHigh, seen, bands }: CutLine, facts: LineFacts | null): string[] {
  return [
    `${String(boardsWide)} × ${String(boardsHigh)} boards`,
    seen.length > 0 ? `lines on ${seen.join(', ')}` : 'no lines: no face is seen',
    ...(bands > 0 ? [countWords(bands, 'strap')] : []),
    ...(facts ? [`${formatNumber(facts.linedMm / 1000, 2)} m of lines`] : []),
    ...(facts && facts.bandMm > 0 ? [`${formatNumber(facts.bandMm / 1000, 2)} m of strap`] : []),
    ...(facts?.inBin ? [`in the bin ${String(facts.inBin.across)} across and ${String(facts.inBin.up)} up`] : []),
  ];
}

function BundleFields({ line, facts, onChange }: Pick<LineRowProps, 'line' | 'facts' | 'onChange'>) {
  const number = (label: string, field: 'boardsWide' | 'boardsHigh' | 'bands', min: number) => (
    <SureNumberField
      label={label}
      className="w-28"
      value={line[field]}
      min={min}
      max={MOST_BOARDS}
      whole
      onChange={(value) => {
        onChange({ [field]: value });
      }}
    />
  );
  const see = (face: Face, on: boolean): void => {
    onChange({ seen: FACES.filter((one) => (one === face ? on : line.seen.includes(one))) });
  };
  return (
    <details className="pl-8">
      <summary className="min-h-6 cursor-pointer pt-1 text-[0.8125rem] text-ink-2">{bundleWords(line, facts).join('; ')}</summary>
      <div className="flex flex-wrap items-end gap-x-4 gap-y-1 py-1">
        {number('Boards across', 'boardsWide', 1)}
        {number('Boards up', 'boardsHigh', 1)}
        {number('Straps on each', 'bands', 0)}
        <fieldset className="flex flex-wrap items-end gap-x-3 pb-1.5">
          <legend className="text-[0.8125rem] text-ink-2">Faces that are seen get pencil lines</legend>
          {FACES.map((face) => (
            <Check
              key={face}
              checked={line.seen.includes(face)}
              onChange={(on) => {
                see(face, on);
              }}
            >
              {face}
            </Check>
          ))}
        </fieldset>
      </div>
    </details>
  );
}
