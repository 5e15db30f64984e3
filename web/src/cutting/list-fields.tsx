import type { Bin, CutList } from '@eveningtide/core/cutting';
import { LONGEST_STRIP_MM } from '@eveningtide/core/limits';
import { Check } from '../ui/check.js';
import { SureNumberField } from '../ui/number-field.js';
import { ScaleField } from '../ui/scale-field.js';
import { TextField } from '../ui/text-field.js';

/** A stall of a small shed, mm (our numbers). */
const NEW_BIN: Bin = { widthMm: 30, heightMm: 30, depthMm: 100 };
const WIDEST_KERF_MM = 10;

/** What is true of the whole list: its name, the scale, the saw, and where bundles are to lie. */
export function ListFields({ list, onChange }: { list: CutList; onChange: (given: Partial<CutList>) => void }) {
  const { bin } = list;
  const side = (label: string, field: keyof Bin) =>
    bin && (
      <SureNumberField
        label={label}
        className="w-24"
        value={bin[field]}
        min={0.1}
        max={LONGEST_STRIP_MM}
        onChange={(value) => {
          onChange({ bin: { ...bin, [field]: value } });
        }}
      />
    );
  return (
    <>
      <TextField
        label="Name of the list"
        kept
        className="w-64"
        value={list.name}
        onChange={(name) => {
          onChange({ name });
        }}
      />
      <ScaleField
        value={list.scaleRatio}
        onChange={(scaleRatio) => {
          onChange({ scaleRatio });
        }}
      />
      <SureNumberField
        label="The saw takes (mm)"
        className="w-32"
        value={list.kerfMm}
        min={0}
        max={WIDEST_KERF_MM}
        onChange={(value) => {
          onChange({ kerfMm: value });
        }}
      />
      <Check
        className="no-print pb-1.5"
        checked={bin !== null}
        onChange={(on) => {
          onChange({ bin: on ? NEW_BIN : null });
        }}
      >
        It goes into a bin
      </Check>
      {side('Bin: width (mm)', 'widthMm')}
      {side('height (mm)', 'heightMm')}
      {side('depth (mm)', 'depthMm')}
    </>
  );
}
