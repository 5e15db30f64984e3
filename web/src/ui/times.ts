import { clockOf, dateOf } from '@eveningtide/core/schedule';
import { format, parseISO } from 'date-fns';

/** `Thu 26 Nov`: month in letters, so that no order of figures has to be guessed. */
export const dayWords = (date: string): string => format(parseISO(date), 'EEE d MMM');

export const dayOfMinute = (originDate: string, minute: number): string => dayWords(dateOf(originDate, minute));

/** `Thu 26 Nov 19:30` */
export const whenWords = (originDate: string, minute: number): string => `${dayOfMinute(originDate, minute)} ${clockOf(minute)}`;

/** Local date and minutes since its midnight. */
export function localNow(): { date: string; minute: number } {
  const now = new Date();
  return { date: format(now, 'yyyy-MM-dd'), minute: now.getHours() * 60 + now.getMinutes() };
}
