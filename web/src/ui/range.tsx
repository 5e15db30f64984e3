interface RangeProps {
  /** What is chosen with it. */
  label: string;
  /** The value as one says it. */
  words: string;
  value: number;
  min: number;
  max: number;
  step?: number;
  onChange: (value: number) => void;
}

/** A slider along a few values. */
export const Range = ({ label, words, value, min, max, step = 1, onChange }: RangeProps) => (
  <input
    type="range"
    {...{ min, max, step, value }}
    aria-label={label}
    aria-valuetext={words}
    className="block h-6 w-full accent-ink"
    onChange={(event) => {
      onChange(event.target.valueAsNumber);
    }}
  />
);
