import { formatDilution, parseDilution, type Dilution } from '@eveningtide/core/mixing';
import { useState } from 'react';
import { Field } from '../ui/field.js';

/** The dilution in words, as one would write it on the lid. */
export function DilutionField({ dilution, onChange }: { dilution: Dilution | null; onChange: (dilution: Dilution | null) => void }) {
  const [typed, setTyped] = useState<string | null>(null);
  const shown = typed ?? formatDilution(dilution);
  const parsed = parseDilution(shown);
  return (
    <Field
      label="Dilution (paint : thinner)"
      className="col-span-2"
      error={parsed.ok ? undefined : `${parsed.problem.field}: ${parsed.problem.value} – allowed: ${parsed.problem.allowed}`}
    >
      {(ids) => (
        <input
          {...ids}
          type="text"
          className="field"
          autoComplete="off"
          value={shown}
          onChange={(event) => {
            setTyped(event.target.value);
            const now = parseDilution(event.target.value);
            if (now.ok) onChange(now.value);
          }}
          onBlur={() => {
            if (parsed.ok) setTyped(null);
          }}
        />
      )}
    </Field>
  );
}
