import { USUAL_INSTRUMENTS } from '@eveningtide/core/mixing';
import type { Measuring } from '@eveningtide/core/schedule';
import { SureNumberField } from '../ui/number-field.js';
import { SelectField } from '../ui/select-field.js';
import { TextField } from '../ui/text-field.js';
import { Section, type SectionProps } from './section.js';

const COUNT_BY: readonly { id: Measuring['countBy']; name: string }[] = [
  { id: 'drops', name: 'drops' },
  { id: 'syringe', name: 'marks of a syringe' },
  { id: 'caps', name: 'bottle caps' },
];

/** What mixes are counted out with, and what money is called. */
export function MeasuringSection({ workshop: { measuring }, change }: SectionProps) {
  const set = (given: Partial<Measuring>) => {
    change({ measuring: { ...measuring, ...given } });
  };
  const size = (name: 'syringeMl' | 'capMl' | 'spoonMl', label: string, min: number, max: number) => (
    <SureNumberField
      label={label}
      value={measuring[name]}
      usual={String(USUAL_INSTRUMENTS[name])}
      min={min}
      max={max}
      onChange={(ml) => {
        set({ [name]: ml });
      }}
    />
  );
  return (
    <Section
      title="Measuring"
      note="What stands on the bench to measure with. Fill a spoon or a cap from a syringe once, and tell its size."
    >
      <div className="grid grid-cols-3 items-end gap-2">
        {size('syringeMl', 'Syringe marks (ml)', 0.01, 5)}
        {size('capMl', 'A cap holds (ml)', 0.1, 50)}
        {size('spoonMl', 'A level spoon (ml)', 0.05, 20)}
        <SelectField
          label="Count mixes in"
          className="col-span-2"
          value={measuring.countBy}
          options={COUNT_BY}
          onChange={(countBy) => {
            set({ countBy });
          }}
        />
        <TextField
          label="Money"
          value={measuring.currency}
          maxLength={8}
          onChange={(currency) => {
            set({ currency });
          }}
        />
      </div>
    </Section>
  );
}
