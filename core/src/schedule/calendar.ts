import { MINUTES_PER_DAY, addDays, daysBetween, minutesOfClock, weekdayOf, type Interval } from '../units/index.js';
import { daylightMinutes, type Daylight } from '../climate/index.js';
import type { Workshop } from './workshop.js';

/** Evenings of the coming days as minutes from midnight of `originDate`; single dates replace the weekly pattern. */
export function eveningsFrom(workshop: Pick<Workshop, 'weekly' | 'dates'>, originDate: string, days: number): Interval[] {
  const single = new Map<string, Workshop['dates']>();
  for (const date of workshop.dates) single.set(date.date, [...(single.get(date.date) ?? []), date]);
  const out: Interval[] = [];
  for (let day = 0; day < days; day++) {
    const date = addDays(originDate, day);
    const weekday = weekdayOf(date);
    const spans = single.get(date) ?? workshop.weekly.filter((evening) => evening.weekday === weekday);
    for (const { start, end } of spans) {
      if (start === null || end === null) continue;
      const fromMin = day * MINUTES_PER_DAY + minutesOfClock(start);
      const toMin = day * MINUTES_PER_DAY + minutesOfClock(end);
      // an evening that ends past midnight belongs to the day it began
      out.push({ fromMin, toMin: toMin > fromMin ? toMin : toMin + MINUTES_PER_DAY });
    }
  }
  out.sort((a, b) => a.fromMin - b.fromMin);
  return merge(out);
}

/** How long an evening usually is, minutes: the middle one of the week, else of the single dates; Infinity where there are none. */
export function usualEveningMin({ weekly, dates }: Pick<Workshop, 'weekly' | 'dates'>): number {
  const lengths = (spans: readonly { start: string | null; end: string | null }[]): number[] =>
    spans
      .flatMap(({ start, end }) => (start === null || end === null ? [] : [minutesOfClock(end) - minutesOfClock(start)]))
      .map((minutes) => (minutes > 0 ? minutes : minutes + MINUTES_PER_DAY))
      .sort((a, b) => a - b);
  const all = weekly.length > 0 ? lengths(weekly) : lengths(dates);
  return all[Math.floor(all.length / 2)] ?? Infinity;
}

function merge(sorted: readonly Interval[]): Interval[] {
  const out: Interval[] = [];
  for (const span of sorted) {
    const last = out.at(-1);
    if (last && span.fromMin <= last.toMin) last.toMin = Math.max(last.toMin, span.toMin);
    else out.push({ ...span });
  }
  return out;
}

/** Daylight of the coming days as minutes from midnight of `originDate`; a day in polar night has none. */
export function daylightFrom({ daylight }: Pick<Workshop, 'daylight'>, originDate: string, days: number): Interval[] {
  return Array.from({ length: days }, (_, day) => {
    const { fromMin, toMin } = daylightOn(daylight, addDays(originDate, day));
    return { fromMin: day * MINUTES_PER_DAY + fromMin, toMin: day * MINUTES_PER_DAY + toMin };
  }).filter(({ fromMin, toMin }) => toMin > fromMin);
}

/** Minutes of a day between which it is light. */
export function daylightOn(daylight: Daylight, date: string): Interval {
  if (daylight.by === 'typed') return { fromMin: minutesOfClock(daylight.start), toMin: minutesOfClock(daylight.end) };
  const half = daylightMinutes(daylight.latitudeDeg, daysBetween(`${date.slice(0, 4)}-01-01`, date) + 1) / 2;
  const noon = minutesOfClock(daylight.noon);
  return { fromMin: Math.round(noon - half), toMin: Math.round(noon + half) };
}
