import { MINUTES_PER_DAY, addDays } from '../units/index.js';
import { eveningsFrom } from './calendar.js';
import type { Workshop } from './workshop.js';

/** Work so long after an evening still counts to it, minutes (our number). */
export const AFTER_EVENING_MIN = 240;

/**
 * The day that the bench is on, `YYYY-MM-DD`: while an evening goes on past midnight, or work after it does, it is still the day on which it began. All
 * minutes of a plan count from its midnight, so that nothing jumps at midnight.
 */
export function benchDay(workshop: Pick<Workshop, 'weekly' | 'dates'>, date: string, minute: number): string {
  const yesterday = addDays(date, -1);
  const nowMin = MINUTES_PER_DAY + minute;
  const goesOn = eveningsFrom(workshop, yesterday, 1).some(({ toMin }) => nowMin < toMin + AFTER_EVENING_MIN);
  return goesOn ? yesterday : date;
}
