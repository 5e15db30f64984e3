import type { WeeklyEvening } from '@eveningtide/core/schedule';
import { isClock } from '@eveningtide/core/units';
import { useState } from 'react';
import { ClockInput } from '../ui/clock-input.js';
import { Field } from '../ui/field.js';
import { Question } from './question.js';

const DAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const;
const USUAL = { start: '19:30', end: '21:30' };

/** Which evenings there are, all at the same hour; a day that differs is told in the workshop. */
export function WhenQuestion({ weekly, onChange }: { weekly: readonly WeeklyEvening[]; onChange: (weekly: WeeklyEvening[]) => void }) {
  const [{ start, end }, setHours] = useState(() => ({ start: weekly[0]?.start ?? USUAL.start, end: weekly[0]?.end ?? USUAL.end }));
  const on = new Set(weekly.map(({ weekday }) => weekday));
  const tell = (days: ReadonlySet<number>, hours: typeof USUAL) => {
    setHours(hours);
    if (!isClock(hours.start) || !isClock(hours.end)) return;
    onChange(DAYS.flatMap((_, weekday) => (days.has(weekday) ? [{ weekday, ...hours }] : [])));
  };
  return (
    <Question number={1} title="When do you paint?">
      <div className="mb-3 flex flex-wrap gap-1.5">
        {DAYS.map((name, weekday) => (
          <label
            key={name}
            className={`flex min-h-[2rem] cursor-pointer items-center gap-1.5 rounded-sm border px-2 ${on.has(weekday) ? 'border-ink bg-field font-semibold' : 'border-line-strong'}`}
          >
            <input
              type="checkbox"
              checked={on.has(weekday)}
              onChange={() => {
                const days = new Set(on);
                if (!days.delete(weekday)) days.add(weekday);
                tell(days, { start, end });
              }}
            />
            {name}
          </label>
        ))}
      </div>
      <div className="grid grid-cols-2 gap-3">
        {(['start', 'end'] as const).map((which) => (
          <Field key={which} label={which === 'start' ? 'From' : 'Until'}>
            {(ids) => (
              <ClockInput
                {...ids}
                value={which === 'start' ? start : end}
                onChange={(clock) => {
                  tell(on, { start, end, [which]: clock });
                }}
              />
            )}
          </Field>
        ))}
      </div>
      {on.size === 0 && (
        <p className="mt-2 text-[0.8125rem] text-ink-2">Without an evening nothing can be planned; checks work all the same.</p>
      )}
    </Question>
  );
}
