import type { WeekStart } from '@eveningtide/core/schedule';
import { DayPicker } from 'react-day-picker';

const CELL = 'size-8 rounded-sm hover:bg-ground';

interface MonthProps {
  day: Date | null;
  today: Date;
  /** The weekday that weeks begin with, 0 is Monday. */
  weekFrom: WeekStart;
  onPick: (day: Date) => void;
}

/** The same weekdays counted from Sunday. */
const FROM_SUNDAY: Record<WeekStart, 0 | 1 | 6> = { 0: 1, 5: 6, 6: 0 };

/** A month to pick a day from. */
export function Month({ day, today, weekFrom, onPick }: MonthProps) {
  return (
    <DayPicker
      mode="single"
      weekStartsOn={FROM_SUNDAY[weekFrom]}
      today={today}
      selected={day ?? undefined}
      defaultMonth={day ?? today}
      onSelect={(picked) => {
        if (picked) onPick(picked);
      }}
      classNames={{
        months: 'relative',
        month_caption: 'flex h-8 items-center font-semibold',
        nav: 'absolute top-0 right-0 flex gap-1',
        button_previous: 'flex size-8 items-center justify-center rounded-sm hover:bg-ground',
        button_next: 'flex size-8 items-center justify-center rounded-sm hover:bg-ground',
        chevron: 'size-4 fill-current',
        weekday: 'size-8 text-[0.8125rem] font-normal text-ink-2',
        day: 'p-0 text-center figures',
        day_button: CELL,
        selected: '[&>button]:bg-ink [&>button]:text-paper',
        today: 'font-bold underline',
        outside: 'text-ink-3',
      }}
    />
  );
}
