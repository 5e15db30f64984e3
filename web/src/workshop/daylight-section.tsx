import { daylightOn } from '@eveningtide/core/schedule';

import { useDays } from '../ui/days.js';
import { ClockInput } from '../ui/clock-input.js';
import { Field } from '../ui/field.js';
import { SureNumberField } from '../ui/number-field.js';
import { SelectField } from '../ui/select-field.js';
import { useBenchNow } from '../workers/outlook-context.js';
import { Section, type SectionProps } from './section.js';

/** When colours can be judged by daylight: typed, or computed for where the bench stands. */
export function DaylightSection({ workshop: { daylight }, change }: SectionProps) {
  const now = useBenchNow();
  const days = useDays();
  const today = daylightOn(daylight, now.date);
  const clock = (name: 'start' | 'end' | 'noon', label: string) => (
    <Field label={label}>
      {(ids) => (
        <ClockInput
          {...ids}
          value={daylight[name]}
          onChange={(clock) => {
            if (clock) change({ daylight: { ...daylight, [name]: clock } });
          }}
        />
      )}
    </Field>
  );
  return (
    <Section title="Daylight" note="Steps that want daylight are planned into it.">
      <div className="grid grid-cols-3 items-end gap-2">
        <SelectField
          label="Hours"
          value={daylight.by}
          options={[
            { id: 'typed', name: 'the same all year' },
            { id: 'latitude', name: 'by latitude' },
          ]}
          onChange={(by) => {
            change({ daylight: { ...daylight, by } });
          }}
        />
        {daylight.by === 'typed' ? (
          <>
            {clock('start', 'From')}
            {clock('end', 'To')}
          </>
        ) : (
          <>
            <SureNumberField
              label="Latitude (° north)"
              value={daylight.latitudeDeg}
              min={-90}
              max={90}
              onChange={(latitudeDeg) => {
                change({ daylight: { ...daylight, latitudeDeg } });
              }}
            />
            {clock('noon', 'Sun highest at')}
          </>
        )}
      </div>
      <p className="mt-1 text-[0.8125rem] text-ink-2">
        {days.day(now.date)}:{' '}
        {today.toMin > today.fromMin ? (
          <span className="figures">
            {days.clock(today.fromMin)}–{days.clock(today.toMin)}
          </span>
        ) : (
          'no daylight'
        )}
        {daylight.by === 'latitude' && ' (right to a few minutes)'}
      </p>
    </Section>
  );
}
