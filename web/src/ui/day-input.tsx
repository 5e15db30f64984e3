import { format, parseISO } from 'date-fns';
import { CalendarDays } from 'lucide-react';
import { Popover } from 'radix-ui';
import { lazy, Suspense, useState, type InputHTMLAttributes } from 'react';
import { useWorkshopQuery } from '../store/api.js';
import { localNow } from './days.js';
import { dateShown, dateTyped } from './typed-time.js';

const DayPicker = lazy(async () => ({ default: (await import('./day-picker.js')).DayPickerMonday }));

interface DayInputProps extends Omit<InputHTMLAttributes<HTMLInputElement>, 'value' | 'onChange' | 'type'> {
  /** `YYYY-MM-DD`; empty where none is set. */
  value: string;
  /** What was typed or picked, once it is a date; empty where it was taken out. */
  onChange: (value: string) => void;
}

/** A date, typed or picked, shown as the workshop shows dates. */
export function DayInput({ value, onChange, ...rest }: DayInputProps) {
  const { data } = useWorkshopQuery();
  const [typed, setTyped] = useState<string | null>(null);
  const [open, setOpen] = useState(false);
  const today = localNow().date;
  const shown = typed ?? (value === '' ? '' : dateShown(value, data?.workshop.display.dates ?? 'words'));
  const isWrong = shown.trim() !== '' && dateTyped(shown, today) === null;
  return (
    <span className="flex">
      <input
        {...rest}
        type="text"
        autoComplete="off"
        maxLength={24}
        placeholder="26 Nov 2026"
        aria-invalid={isWrong || rest['aria-invalid']}
        title={isWrong ? 'Allowed: a date such as 26 Nov 2026 or 2026-11-26' : undefined}
        className={`field figures min-w-0 ${isWrong ? '!border-brick' : ''}`}
        value={shown}
        onChange={(event) => {
          setTyped(event.target.value);
          const date = dateTyped(event.target.value, today);
          if (date !== null || event.target.value.trim() === '') onChange(date ?? '');
        }}
        onBlur={() => {
          setTyped(null);
        }}
      />
      <Popover.Root open={open} onOpenChange={setOpen}>
        <Popover.Trigger aria-label="Pick a day" className="-ml-px border border-line-strong px-1.5 hover:bg-paper">
          <CalendarDays size={15} aria-hidden="true" />
        </Popover.Trigger>
        <Popover.Portal>
          <Popover.Content align="end" sideOffset={2} className="z-40 rounded-sm border border-line-strong bg-paper p-2">
            <Suspense fallback={<p className="p-2">Fetching the calendar …</p>}>
              <DayPicker
                day={value === '' ? null : parseISO(value)}
                today={parseISO(today)}
                onPick={(day) => {
                  setTyped(null);
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
