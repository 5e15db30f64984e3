import { DayPicker } from 'react-day-picker';

const CELL = 'size-8 rounded-sm hover:bg-ground';

/** A month to pick a day from; weeks begin on Monday, as the evenings of the workshop do. */
export function DayPickerMonday({ day, today, onPick }: { day: Date | null; today: Date; onPick: (day: Date) => void }) {
  return (
    <DayPicker
      mode="single"
      weekStartsOn={1}
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
