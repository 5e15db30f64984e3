import { LONGEST_NAME } from '@eveningtide/core/limits';
import { Field } from './field.js';

/** A line of text with its label. With `kept`, an empty one is not taken over: a thing keeps its name. */
export function TextField({
  label,
  value,
  onChange,
  kept = false,
  maxLength = LONGEST_NAME,
  className,
  error,
  inTable = false,
}: {
  label: string;
  value: string;
  onChange: (text: string) => void;
  kept?: boolean;
  maxLength?: number;
  className?: string;
  error?: string | undefined;
  /** In a table, whose heading says it. */
  inTable?: boolean;
}) {
  return (
    <Field label={label} error={error} inTable={inTable} {...(className ? { className } : {})}>
      {(ids) => (
        <input
          {...ids}
          type="text"
          autoComplete="off"
          className="field"
          maxLength={maxLength}
          value={value}
          onChange={(event) => {
            if (!kept || event.target.value.trim()) onChange(event.target.value);
          }}
        />
      )}
    </Field>
  );
}
