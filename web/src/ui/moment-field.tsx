import { useState } from 'react';
import { ClockInput } from './clock-input.js';
import { DayInput } from './day-input.js';

interface MomentFieldProps {
  label: string;
  /** Local, `YYYY-MM-DDTHH:mm` or with seconds; null where none is set. */
  value: string | null;
  error?: string | undefined;
  className?: string;
  /** A day and a time, once both are there; null where both were taken out. */
  onChange: (value: string | null) => void;
}

/** A moment of which only the day or only the time was told so far. */
const NOTHING = { day: '', clock: '' };

/** A day with its clock time. */
export function MomentField({ label, value, error, className = '', onChange }: MomentFieldProps) {
  const [half, setHalf] = useState(NOTHING);
  const day = value?.slice(0, 10) ?? half.day;
  const clock = value?.slice(11).replace(/(:\d\d):00$/, '$1') ?? half.clock;
  const tell = (now: { day: string; clock: string }) => {
    const isWhole = now.day !== '' && now.clock !== '';
    // what is whole is kept outside, and may be taken back there
    setHalf(isWhole ? NOTHING : now);
    if (isWhole) onChange(`${now.day}T${now.clock}`);
    else if (value !== null) onChange(null);
  };
  return (
    <fieldset className={`min-w-0 ${className}`}>
      <legend className="mb-0.5 text-[0.8125rem] text-ink-2">{label}</legend>
      <div className="grid grid-cols-[minmax(0,3fr)_minmax(0,2fr)] gap-1">
        <DayInput
          aria-label={`${label}, day`}
          value={day}
          onChange={(to) => {
            tell({ day: to, clock });
          }}
        />
        <ClockInput
          aria-label={`${label}, time`}
          value={clock}
          onChange={(to) => {
            tell({ day, clock: to });
          }}
        />
      </div>
      {error && (
        <p role="alert" className="mt-0.5 text-[0.8125rem] font-semibold text-brick">
          {error}
        </p>
      )}
    </fieldset>
  );
}
