import { useState, type InputHTMLAttributes } from 'react';
import { clockTyped } from './typed-time.js';

interface ClockInputProps extends Omit<InputHTMLAttributes<HTMLInputElement>, 'value' | 'onChange' | 'type'> {
  /** `HH:mm`; empty where none is set. */
  value: string;
  /** What was typed, once it is a time; empty where it was taken out. */
  onChange: (value: string) => void;
}

/** It has its minutes, or its half of the day. */
const WHOLE = /[:.h]\d{2}|^\s*\d{4}|[ap]\.?m/i;

/** A clock time, typed as one likes and shown over 24 hours as everywhere else, whatever the browser would do. */
export function ClockInput({ value, onChange, ...rest }: ClockInputProps) {
  const [typed, setTyped] = useState<string | null>(null);
  const shown = typed ?? value;
  const isWrong = shown.trim() !== '' && clockTyped(shown) === null;
  return (
    <input
      {...rest}
      type="text"
      inputMode="text"
      autoComplete="off"
      maxLength={12}
      placeholder="19:30"
      aria-invalid={isWrong || rest['aria-invalid']}
      title={isWrong ? 'Allowed: a time such as 19:30 or 7:30 pm' : undefined}
      className={`field figures ${isWrong ? '!border-brick' : ''}`}
      value={shown}
      onChange={(event) => {
        const text = event.target.value;
        setTyped(text);
        const clock = clockTyped(text);
        // of `19:30` the first figure is no time yet, though two o'clock is
        if ((clock !== null && WHOLE.test(text)) || text.trim() === '') onChange(clock ?? '');
      }}
      onBlur={() => {
        const clock = typed === null ? null : clockTyped(typed);
        if (clock !== null && clock !== value) onChange(clock);
        // what is no time goes back to what is kept
        setTyped(null);
      }}
    />
  );
}
