import { Field } from './field.js';

/** A colour to pick, #rrggbb. */
export function ColourField({
  label,
  value,
  onChange,
  className,
}: {
  label: string;
  value: string;
  onChange: (colour: string) => void;
  className?: string;
}) {
  return (
    <Field label={label} {...(className ? { className } : {})}>
      {(ids) => (
        <input
          {...ids}
          type="color"
          className="field !p-0.5"
          value={value}
          onChange={(event) => {
            onChange(event.target.value);
          }}
        />
      )}
    </Field>
  );
}
