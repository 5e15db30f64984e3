import type { Quantity } from '@eveningtide/core/units';
import { useState } from 'react';
import { Field } from './field.js';
import { useShown } from './shown.js';

interface NumberFieldProps {
  label: string;
  value: number | null;
  /** What stands there when nothing is typed. */
  usual?: string;
  min: number;
  max: number;
  whole?: boolean;
  /** Empty means null; without it a number must stand there. */
  optional?: boolean;
  className?: string;
  inTable?: boolean;
  onChange: (value: number | null) => void;
}

/** A number that may be left to its usual value; what is not allowed is told and not taken over. */
export function NumberField({
  label,
  value,
  usual,
  min,
  max,
  whole = false,
  optional = true,
  className,
  inTable = false,
  onChange,
}: NumberFieldProps) {
  const [typed, setTyped] = useState<string | null>(null);
  const shown = typed ?? (value === null ? '' : String(value));
  const problem = (text: string): string | undefined => {
    if (text.trim() === '') return optional ? undefined : 'Type a number';
    const number = Number(text.replace(',', '.'));
    const good = Number.isFinite(number) && number >= min && number <= max && (!whole || Number.isInteger(number));
    return good ? undefined : `Allowed: ${whole ? 'whole numbers ' : ''}${String(min)}–${String(max)}`;
  };
  return (
    <Field label={label} inTable={inTable} error={problem(shown)} {...(className ? { className } : {})}>
      {(ids) => (
        <input
          {...ids}
          inputMode="decimal"
          className="field figures"
          value={shown}
          placeholder={usual}
          onChange={(event) => {
            const text = event.target.value;
            setTyped(text);
            if (problem(text) === undefined) onChange(text.trim() === '' ? null : Number(text.replace(',', '.')));
          }}
          onBlur={() => {
            if (problem(shown) === undefined) setTyped(null);
          }}
        />
      )}
    </Field>
  );
}

/** The same where a number must stand there: what is told is always one. */
export function SureNumberField({
  onChange,
  ...rest
}: Omit<NumberFieldProps, 'value' | 'optional' | 'onChange'> & { value: number; onChange: (value: number) => void }) {
  return (
    <NumberField
      {...rest}
      optional={false}
      onChange={(value) => {
        if (value !== null) onChange(value);
      }}
    />
  );
}

/** The same for a figure kept in SI: typed and shown in the workshop's units, limits too. */
export function QuantityField({
  label,
  quantity,
  value,
  min,
  max,
  onChange,
  ...rest
}: Omit<NumberFieldProps, 'usual' | 'whole'> & { quantity: Quantity }) {
  const shown = useShown();
  return (
    <NumberField
      {...rest}
      label={`${label} (${shown.unit(quantity)})`}
      value={value === null ? null : shown.figure(value, quantity)}
      min={shown.figure(min, quantity)}
      max={shown.figure(max, quantity)}
      onChange={(figure) => {
        onChange(figure === null ? null : shown.si(figure, quantity));
      }}
    />
  );
}
