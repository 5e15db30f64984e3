import { format, parseISO } from 'date-fns';
import { CalendarDays } from 'lucide-react';
import { Popover } from 'radix-ui';
import { lazy, Suspense, useState } from 'react';
import { useWorkshopQuery } from '../store/api.js';
import { localNow } from './days.js';
import { TypedInput, type TypedInputProps } from './typed-input.js';
import { dateShown, dateTyped } from './typed-time.js';

const Month = lazy(async () => ({ default: (await import('./day-picker.js')).Month }));

/** A date, `YYYY-MM-DD`, typed or picked, shown as the workshop shows dates. */
export function DayInput({ value, onChange, ...rest }: Omit<TypedInputProps, 'read' | 'isWhole' | 'allowed' | 'shown'>) {
  const { data } = useWorkshopQuery();
  const [open, setOpen] = useState(false);
  const [picks, setPicks] = useState(0);
  const today = localNow().date;
  return (
    <span className="flex items-start">
      <TypedInput
        {...rest}
        // what is picked takes the place of what was typed
        key={picks}
        value={value}
        shown={value === '' ? '' : dateShown(value, data?.workshop.display.dates ?? 'words')}
        read={(text) => dateTyped(text, today)}
        allowed="a date such as 26 Nov 2026 or 2026-11-26"
        maxLength={24}
        placeholder="26 Nov 2026"
        onChange={onChange}
      />
      <Popover.Root open={open} onOpenChange={setOpen}>
        <Popover.Trigger aria-label="Pick a day" className="-ml-px min-h-[1.875rem] border border-line-strong px-1.5 hover:bg-paper">
          <CalendarDays size={15} aria-hidden="true" />
        </Popover.Trigger>
        <Popover.Portal>
          <Popover.Content align="end" sideOffset={2} className="z-40 rounded-sm border border-line-strong bg-paper p-2">
            <Suspense fallback={<p className="p-2">Fetching the calendar …</p>}>
              <Month
                weekFrom={data?.workshop.display.weekFrom ?? 0}
                day={value === '' ? null : parseISO(value)}
                today={parseISO(today)}
                onPick={(day) => {
                  setPicks(picks + 1);
                  onChange(format(day, 'yyyy-MM-dd'));
                  setOpen(false);
                }}
              />
            </Suspense>
          </Popover.Content>
        </Popover.Portal>
      </Popover.Root>
    </span>
  );
}
