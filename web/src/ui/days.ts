import { type Workshop } from '@eveningtide/core/schedule';
import { clockOf, dateOf } from '@eveningtide/core/units';
import { format, parseISO } from 'date-fns';
import { useMemo } from 'react';
import { benchNow } from '../store/bench-clock.js';
import { useWorkshopQuery } from '../store/api.js';

/** The date of the wall clock and minutes since its midnight. */
export function localNow(now = benchNow()): { date: string; minute: number } {
  return { date: format(now, 'yyyy-MM-dd'), minute: now.getHours() * 60 + now.getMinutes() };
}

export interface Days {
  /** `Thu 26 Nov`, with the month in letters, or `2026-11-26`: no order of figures has to be guessed either way. */
  day: (date: string) => string;
  dayOf: (originDate: string, minute: number) => string;
  /** The day with its clock time. */
  when: (originDate: string, minute: number) => string;
  /** The clock time, with its day where that is not the day of `nowMin`. */
  at: (originDate: string, minute: number, nowMin: number) => string;
}

export function daysIn(style: Workshop['display']['dates']): Days {
  const day = (date: string): string => (style === 'numbers' ? date : format(parseISO(date), 'EEE d MMM'));
  const dayOf = (originDate: string, minute: number): string => day(dateOf(originDate, minute));
  const when = (originDate: string, minute: number): string => `${dayOf(originDate, minute)} ${clockOf(minute)}`;
  const at = (originDate: string, minute: number, nowMin: number): string =>
    dateOf(originDate, minute) === dateOf(originDate, nowMin) ? clockOf(minute) : when(originDate, minute);
  return { day, dayOf, when, at };
}

/** Dates as the workshop wants them. */
export function useDays(): Days {
  const { data } = useWorkshopQuery();
  const style = data?.workshop.display.dates ?? 'words';
  return useMemo(() => daysIn(style), [style]);
}
