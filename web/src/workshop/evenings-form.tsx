import { eveningFaults, rareEveningH } from '@eveningtide/core/kept';
import { type Workshop } from '@eveningtide/core/schedule';
import { formatNumber, isClock, isWithinReach } from '@eveningtide/core/units';
import { Plus, X } from 'lucide-react';
import { Button } from '../ui/button.js';
import { ClockInput } from '../ui/clock-input.js';
import { DayInput } from '../ui/day-input.js';
import { WEEKDAYS, localNow, useWeek } from '../ui/days.js';

const USUAL = { start: '19:30', end: '21:30' };

export type EveningsOf = Pick<Workshop, 'weekly' | 'dates'>;

/** What is wrong with the evenings as typed; null when they can be kept. */
export function eveningsFault({ weekly, dates }: EveningsOf): string | null {
  const good = [...weekly, ...dates].every(
    ({ start, end }) => (start === null) === (end === null) && (start === null || end === null || (isClock(start) && isClock(end))),
  );
  if (!good || !dates.every(({ date }) => isWithinReach(date))) return 'Each evening needs both times, each date a day from 1950 to 2099.';
  const [fault] = eveningFaults('', { weekly, dates });
  return fault ? `${fault.value} is too long; allowed: ${fault.allowed}.` : null;
}

/** A weekly pattern, and single dates that differ from it. */
export function EveningsForm({ weekly, dates, onChange }: EveningsOf & { onChange: (evenings: EveningsOf) => void }) {
  const week = useWeek();
  const rare = rareEveningH({ weekly, dates });
  const setWeekly = (next: EveningsOf['weekly']) => {
    onChange({ weekly: next, dates });
  };
  const setDates = (next: EveningsOf['dates']) => {
    onChange({ weekly, dates: next });
  };
  const patchDay = (weekday: number, change: Partial<EveningsOf['weekly'][number]>) => {
    setWeekly(weekly.map((e) => (e.weekday === weekday ? { ...e, ...change } : e)));
  };
  const patchDate = (at: number, change: Partial<EveningsOf['dates'][number]>) => {
    setDates(dates.map((d, i) => (i === at ? { ...d, ...change } : d)));
  };
  return (
    <>
      <fieldset>
        <legend className="mb-1 font-semibold">Every week</legend>
        {week.map((weekday) => {
          const name = WEEKDAYS[weekday];
          const evening = weekly.find((e) => e.weekday === weekday);
          return (
            <div key={name} className="grid grid-cols-[1fr_8.5rem_8.5rem] items-center gap-2 py-0.5">
              <label className="flex items-center gap-2">
                <input
                  type="checkbox"
                  checked={evening !== undefined}
                  onChange={(event) => {
                    setWeekly(
                      event.target.checked
                        ? [...weekly, { weekday, ...USUAL }].sort((a, b) => a.weekday - b.weekday)
                        : weekly.filter((e) => e.weekday !== weekday),
                    );
                  }}
                />
                {name}
              </label>
              {evening && (
                <ClockInput
                  aria-label={`${name} from`}
                  value={evening.start}
                  onChange={(clock) => {
                    patchDay(weekday, { start: clock });
                  }}
                />
              )}
              {evening && (
                <ClockInput
                  aria-label={`${name} to`}
                  value={evening.end}
                  onChange={(clock) => {
                    patchDay(weekday, { end: clock });
                  }}
                />
              )}
            </div>
          );
        })}
      </fieldset>
      <fieldset className="mt-3">
        <legend className="mb-1 font-semibold">Single dates instead</legend>
        {dates.map((single, at) => (
          <div key={at} className="grid grid-cols-[1fr_8.5rem_8.5rem_1.875rem] items-center gap-2 py-0.5">
            <DayInput
              aria-label={`Date ${String(at + 1)}`}
              value={single.date}
              onChange={(day) => {
                patchDate(at, { date: day });
              }}
            />
            <ClockInput
              aria-label={`Date ${String(at + 1)} from`}
              value={single.start ?? ''}
              onChange={(clock) => {
                patchDate(at, { start: clock || null });
              }}
            />
            <ClockInput
              aria-label={`Date ${String(at + 1)} to`}
              value={single.end ?? ''}
              onChange={(clock) => {
                patchDate(at, { end: clock || null });
              }}
            />
            <button
              type="button"
              aria-label={`Take date ${String(at + 1)} out`}
              onClick={() => {
                setDates(dates.filter((_, i) => i !== at));
              }}
            >
              <X size={16} aria-hidden="true" />
            </button>
          </div>
        ))}
        <Button
          small
          className="mt-1"
          onClick={() => {
            setDates([...dates, { date: localNow().date, ...USUAL }]);
          }}
        >
          <Plus size={14} aria-hidden="true" /> Add a date
        </Button>
        <p className="mt-1 text-[0.8125rem] text-ink-3">A date without times is an evening off.</p>
      </fieldset>
      {rare !== null && (
        <p role="status" className="border-l-4 border-lamp pl-2 text-[0.8125rem]">
          One of these is {formatNumber(rare, 1)} h long. Is that right? An evening that ends before it begins goes on over midnight.
        </p>
      )}
      <p role="alert" className="min-h-5 text-[0.8125rem] font-semibold text-brick">
        {eveningsFault({ weekly, dates })}
      </p>
    </>
  );
}
