import type { DateStyle, Display } from '@eveningtide/core/schedule';
import { clockOf, clockShown, dateOf } from '@eveningtide/core/units';
import { differenceInCalendarDays, format, parseISO } from 'date-fns';
import { useMemo } from 'react';
import { benchNow } from '../store/bench-clock.js';
import { useWorkshopQuery } from '../store/api.js';

/** The date of the wall clock and minutes since its midnight. */
export function localNow(now = benchNow()): { date: string; minute: number } {
  return { date: format(now, 'yyyy-MM-dd'), minute: now.getHours() * 60 + now.getMinutes() };
}

export const WEEKDAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'] as const;

export interface Days {
  /** `19:30` or `7:30 pm`. */
  clock: (minute: number) => string;
  /** `Thu 26 Nov`, `Thu Nov 26` or `2026-11-26`: no order of figures has to be guessed in any of them. Far from today with its year. */
  day: (date: string) => string;
  dayOf: (originDate: string, minute: number) => string;
  /** The day with its clock time. */
  when: (originDate: string, minute: number) => string;
  /** The clock time of a kept moment, `YYYY-MM-DDTHH:mm:ss`. */
  time: (moment: string) => string;
  /** Of a moment on the wall: its day and clock time. */
  moment: (date: Date) => string;
  /** The clock time, with its day where that is not the day of `nowMin`. */
  at: (originDate: string, minute: number, nowMin: number) => string;
}

const PATTERNS: Record<DateStyle, string> = { words: 'EEE d MMM', 'month-first': 'EEE MMM d', numbers: 'yyyy-MM-dd' };

/** The year is said where one would have to guess it. */
const YEAR: Record<DateStyle, string> = { words: ' yyyy', 'month-first': ', yyyy', numbers: '' };
const HALF_A_YEAR = 183;

/** As a workshop is shown until it says otherwise. */
const USUAL: Pick<Display, 'dates' | 'clock'> = { dates: 'words', clock: '24' };

export function daysIn({ dates, clock: style }: Pick<Display, 'dates' | 'clock'>, now: () => Date = benchNow): Days {
  const clock = (minute: number): string => clockShown(clockOf(minute), style);
  const day = (date: string): string => {
    const at = parseISO(date);
    const isFar = Math.abs(differenceInCalendarDays(at, now())) > HALF_A_YEAR;
    return format(at, isFar ? `${PATTERNS[dates]}${YEAR[dates]}` : PATTERNS[dates]);
  };
  const dayOf = (originDate: string, minute: number): string => day(dateOf(originDate, minute));
  const when = (originDate: string, minute: number): string => `${dayOf(originDate, minute)} ${clock(minute)}`;
  const time = (at: string): string => clockShown(at.slice(11, 16), style);
  const moment = (date: Date): string => `${day(format(date, 'yyyy-MM-dd'))}, ${clockShown(format(date, 'HH:mm'), style)}`;
  const at = (originDate: string, minute: number, nowMin: number): string =>
    dateOf(originDate, minute) === dateOf(originDate, nowMin) ? clock(minute) : when(originDate, minute);
  return { clock, day, dayOf, when, time, moment, at };
}

/** Dates as the workshop wants them. */
export function useDays(): Days {
  const { data } = useWorkshopQuery();
  const { dates, clock } = data?.workshop.display ?? USUAL;
  return useMemo(() => daysIn({ dates, clock }), [dates, clock]);
}

const WEEK = [0, 1, 2, 3, 4, 5, 6] as const;

/** The weekdays, 0 is Monday, in the order that weeks have in this workshop. */
export function useWeek(): readonly (typeof WEEK)[number][] {
  const { data } = useWorkshopQuery();
  const first = data?.workshop.display.weekFrom ?? 0;
  return useMemo(() => [...WEEK.slice(first), ...WEEK.slice(0, first)], [first]);
}
