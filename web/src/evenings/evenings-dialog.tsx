import { isClock, isDate, type Workshop } from '@eveningtide/core/schedule';
import { Plus, X } from 'lucide-react';
import { useState } from 'react';
import { toast } from 'sonner';
import { refusalOf, useSaveWorkshopMutation, type StoredWorkshop } from '../store/api.js';
import { Button } from '../ui/button.js';
import { Dialog } from '../ui/dialog.js';
import { localNow } from '../ui/times.js';

const WEEKDAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];
const USUAL = { start: '19:30', end: '21:30' };

type Weekly = Workshop['weekly'][number];
type Single = Workshop['dates'][number];

/** Which evenings there are: a weekly pattern, and single dates that differ from it. */
export function EveningsDialog({ stored, onClose }: { stored: StoredWorkshop; onClose: () => void }) {
  const [weekly, setWeekly] = useState<Weekly[]>(stored.workshop.weekly);
  const [dates, setDates] = useState<Single[]>(stored.workshop.dates);
  const [save] = useSaveWorkshopMutation();
  const bad =
    [...weekly, ...dates].some(
      ({ start, end }) => (start === null) !== (end === null) || (start !== null && end !== null && (!isClock(start) || !isClock(end))),
    ) || dates.some(({ date }) => !isDate(date));

  const keep = async () => {
    try {
      await save({ version: stored.version, workshop: { ...stored.workshop, weekly, dates } }).unwrap();
      onClose();
    } catch (error) {
      toast.error('The evenings were not saved', { description: refusalOf(error)?.data.message ?? 'The server does not answer.' });
    }
  };
  const patchDay = (weekday: number, change: Partial<Weekly>) => {
    setWeekly(weekly.map((e) => (e.weekday === weekday ? { ...e, ...change } : e)));
  };
  const patchDate = (at: number, change: Partial<Single>) => {
    setDates(dates.map((d, i) => (i === at ? { ...d, ...change } : d)));
  };

  return (
    <Dialog
      title="My evenings"
      note="The plan uses these hours and nothing else."
      open
      onOpenChange={(open) => {
        if (!open) onClose();
      }}
    >
      <fieldset>
        <legend className="mb-1 font-semibold">Every week</legend>
        {WEEKDAYS.map((name, weekday) => {
          const evening = weekly.find((e) => e.weekday === weekday);
          return (
            <div key={name} className="grid grid-cols-[1fr_136px_136px] items-center gap-2 py-0.5">
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
                <input
                  type="time"
                  aria-label={`${name} from`}
                  className="field figures"
                  value={evening.start}
                  onChange={(event) => {
                    patchDay(weekday, { start: event.target.value });
                  }}
                />
              )}
              {evening && (
                <input
                  type="time"
                  aria-label={`${name} to`}
                  className="field figures"
                  value={evening.end}
                  onChange={(event) => {
                    patchDay(weekday, { end: event.target.value });
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
          <div key={at} className="grid grid-cols-[1fr_136px_136px_30px] items-center gap-2 py-0.5">
            <input
              type="date"
              aria-label={`Date ${String(at + 1)}`}
              className="field figures"
              value={single.date}
              onChange={(event) => {
                patchDate(at, { date: event.target.value });
              }}
            />
            <input
              type="time"
              aria-label={`Date ${String(at + 1)} from`}
              className="field figures"
              value={single.start ?? ''}
              onChange={(event) => {
                patchDate(at, { start: event.target.value || null });
              }}
            />
            <input
              type="time"
              aria-label={`Date ${String(at + 1)} to`}
              className="field figures"
              value={single.end ?? ''}
              onChange={(event) => {
                patchDate(at, { end: event.target.value || null });
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
        <p className="mt-1 text-[13px] text-ink-3">A date without times is an evening off.</p>
      </fieldset>
      <p role="alert" className="min-h-5 text-[13px] font-semibold text-brick">
        {bad ? 'Each evening wants both times, each date a day.' : ''}
      </p>
      <div className="flex justify-end gap-2">
        <Button onClick={onClose}>Cancel</Button>
        <Button
          look="ink"
          disabled={bad}
          onClick={() => {
            void keep();
          }}
        >
          Keep
        </Button>
      </div>
    </Dialog>
  );
}
