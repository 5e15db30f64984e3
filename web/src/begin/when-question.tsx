import { rareEveningH } from '@eveningtide/core/kept';
import type { WeeklyEvening } from '@eveningtide/core/schedule';
import { formatNumber, isClock } from '@eveningtide/core/units';
import { useState } from 'react';
import { ClockInput } from '../ui/clock-input.js';
import { WEEKDAYS, useWeek } from '../ui/days.js';
import { Field } from '../ui/field.js';
import { Question } from './question.js';

const USUAL = { start: '19:30', end: '21:30' };

/** Which evenings there are. A day keeps its own hours when another comes or goes; hours that are typed here are those of all. */
export function WhenQuestion({ weekly, onChange }: { weekly: readonly WeeklyEvening[]; onChange: (weekly: WeeklyEvening[]) => void }) {
  const [{ start, end }, setHours] = useState(() => ({ start: weekly[0]?.start ?? USUAL.start, end: weekly[0]?.end ?? USUAL.end }));
  const week = useWeek();
  const rare = rareEveningH({ weekly: [...weekly], dates: [] });
  const on = new Set(weekly.map(({ weekday }) => weekday));
  const toggle = (weekday: number) => {
    const others = weekly.filter((evening) => evening.weekday !== weekday);
    onChange(on.has(weekday) ? others : [...others, { weekday, start, end }].toSorted((a, b) => a.weekday - b.weekday));
  };
  const tellHours = (hours: typeof USUAL) => {
    setHours(hours);
    if (isClock(hours.start) && isClock(hours.end)) onChange(weekly.map((evening) => ({ ...evening, ...hours })));
  };
  return (
    <Question number={1} title="When do you paint?">
      <div className="mb-3 flex flex-wrap gap-1.5">
        {week.map((weekday) => (
          <label
            key={weekday}
            className={`flex min-h-[2rem] cursor-pointer items-center gap-1.5 rounded-sm border px-2 ${on.has(weekday) ? 'border-ink bg-field font-semibold' : 'border-line-strong'}`}
          >
            <input
              type="checkbox"
              checked={on.has(weekday)}
              onChange={() => {
                toggle(weekday);
              }}
            />
            {WEEKDAYS[weekday].slice(0, 3)}
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
                  tellHours({ start, end, [which]: clock });
                }}
              />
            )}
          </Field>
        ))}
      </div>
      {rare !== null && (
        <p role="status" className="mt-2 border-l-4 border-lamp pl-2 text-[0.8125rem]">
          That is {formatNumber(rare, 1)} h. Is it right?
        </p>
      )}
      {on.size === 0 && (
        <p className="mt-2 text-[0.8125rem] text-ink-2">Without an evening nothing can be planned; checks work all the same.</p>
      )}
    </Question>
  );
}
