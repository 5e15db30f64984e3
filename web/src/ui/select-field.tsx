import type { SelectHTMLAttributes } from 'react';
import { Field } from './field.js';

/** A labelled choice of a few named things. */
export function SelectField<Id extends string>({
  label,
  value,
  options,
  onChange,
  hint,
  className,
  ...rest
}: {
  label: string;
  value: Id;
  options: readonly { id: Id; name: string }[];
  onChange: (id: Id) => void;
  hint?: string;
  className?: string;
} & Omit<SelectHTMLAttributes<HTMLSelectElement>, 'onChange' | 'value'>) {
  return (
    <Field label={label} {...(hint ? { hint } : {})} {...(className ? { className } : {})}>
      {(ids) => (
        <select
          {...rest}
          {...ids}
          className="field"
          value={value}
          onChange={(event) => {
            onChange(event.target.value as Id);
          }}
        >
          {options.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </select>
      )}
    </Field>
  );
}
