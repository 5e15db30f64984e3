import type { DateStyle } from '@eveningtide/core/schedule';
import { format, isValid, parse, parseISO } from 'date-fns';

const CLOCK = /^(\d{1,2})(?:[:.h]?(\d{2}))?(?::(\d{2}))?\s*(am|pm)?$/i;

/** A clock time as people type it, `19:30`, `1930`, `7.30 pm`, `7pm`, as `HH:mm`, with its seconds where they were told; null where it is none. */
export function clockTyped(text: string): string | null {
  const match = CLOCK.exec(text.trim().replace(/([ap])\.?m\.?$/i, '$1m'));
  if (!match) return null;
  const [, hours = '', minutes = '00', seconds, half] = match;
  const typed = Number(hours);
  // twelve on a clock face is nought o'clock of its half day
  const hour = half === undefined ? typed : (typed % 12) + (half.toLowerCase() === 'pm' ? 12 : 0);
  if (hour > 23 || (half !== undefined && (typed < 1 || typed > 12)) || Number(minutes) > 59 || Number(seconds ?? 0) > 59) return null;
  return [String(hour).padStart(2, '0'), minutes, ...(seconds === undefined || seconds === '00' ? [] : [seconds])].join(':');
}

/** The ways a date is typed in which day and month cannot be mistaken for each other. */
const DATES = ['yyyy-MM-dd', 'd MMM yyyy', 'd MMMM yyyy', 'EEE d MMM yyyy', 'MMM d yyyy', 'MMM d, yyyy', 'MMMM d, yyyy', 'd.M.yyyy'];

/** A date as people type it, as `YYYY-MM-DD`; null where it is none. Without a year it is that of `today`. */
export function dateTyped(text: string, today: string): string | null {
  const typed = text.trim().replace(/\s+/g, ' ');
  for (const one of [typed, `${typed} ${today.slice(0, 4)}`])
    for (const pattern of DATES) {
      const date = parse(one, pattern, parseISO(today));
      if (isValid(date) && date.getFullYear() >= 1000) return format(date, 'yyyy-MM-dd');
    }
  return null;
}

const SHOWN: Record<DateStyle, string> = { words: 'd MMM yyyy', 'month-first': 'MMM d, yyyy', numbers: 'yyyy-MM-dd' };

/** A date as the workshop shows it, with its year. */
export const dateShown = (date: string, style: DateStyle): string =>
  isValid(parseISO(date)) ? format(parseISO(date), SHOWN[style]) : date;
