import { LEAST_RATIO, MOST_RATIO } from '@eveningtide/core/limits';
import { SCALES } from '@eveningtide/core/units';
import { useState } from 'react';
import { SureNumberField } from './number-field.js';
import { SelectField } from './select-field.js';

const OTHER = 'other';

/** A scale of those that are usual, or a ratio of one's own. */
export function ScaleField({ value, onChange, className = '' }: { value: number; onChange: (ratio: number) => void; className?: string }) {
  const isUsual = SCALES.some(({ ratio }) => ratio === value);
  const [isTyped, setTyped] = useState(!isUsual);
  return (
    <div className={`flex items-start gap-2 ${className}`}>
      <SelectField
        label="Scale"
        className="grow"
        value={isTyped ? OTHER : String(value)}
        options={[...SCALES.map(({ ratio, label }) => ({ id: String(ratio), name: label })), { id: OTHER, name: 'another …' }]}
        onChange={(id) => {
          setTyped(id === OTHER);
          if (id !== OTHER) onChange(Number(id));
        }}
      />
      {isTyped && (
        <SureNumberField
          label="one to"
          className="w-20"
          value={value}
          min={LEAST_RATIO}
          max={MOST_RATIO}
          onChange={(ratio) => {
            onChange(ratio);
          }}
        />
      )}
    </div>
  );
}
