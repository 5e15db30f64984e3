import { addDays, movedByDays } from '../units/index.js';

/** A day (YYYY-MM-DD) so many days later. */
export const dayMoved = (day: string | null, days: number): string | null => (day === null ? null : addDays(day, days));

/** A moment on the wall clock so many days later. */
export const momentMoved = (at: string | null, days: number): string | null => (at === null ? null : movedByDays(at, days));
