import { momentOf } from '@eveningtide/core/units';
import { format, parseISO } from 'date-fns';

/** What must be added to this screen's clock to have the bench's, ms. */
let behindMs = 0;
/** The day that the bench is on; null: today. */
let day: string | null = null;

const NOON_MIN = 720;
const MS_PER_MIN = 60_000;

/** The bench's wall clock says so, `YYYY-MM-DDTHH:mm:ss.sss`: a second screen goes by it, whatever its own clock and zone. */
export function benchClockIs(wall: string): void {
  behindMs = new Date(wall).getTime() - Date.now();
}

/** Now, as the wall clock at the bench has it. */
export const benchNow = (): Date => new Date(Date.now() + behindMs);

/** While an evening goes on past midnight, the bench stays on the day it began. */
export function benchDayIs(date: string): void {
  day = date;
}

const today = (): string => day ?? format(benchNow(), 'yyyy-MM-dd');
const noonOf = (date: string): Date => parseISO(`${date}T12:00`);

/**
 * Minutes since midnight of a day, with their share, on the clock that held at its noon. It does not jump when the clocks are put forward or back in the
 * night: what lies between two such minutes has really passed.
 */
export const benchMinute = (at = benchNow(), date = today()): number => (at.getTime() - noonOf(date).getTime()) / MS_PER_MIN + NOON_MIN;

/** `YYYY-MM-DDTHH:mm:ss` on the same clock. */
export const benchMoment = (at = benchNow()): string => momentOf(today(), benchMinute(at));

/** Minutes that this clock is ahead of UTC. */
export const benchOffsetMin = (): number => -noonOf(today()).getTimezoneOffset();

/** Minutes that the wall clock is ahead of the bench's: not 0 only in the nights in which the clocks are put forward or back. */
export const wallAheadMin = (at = benchNow()): number => -at.getTimezoneOffset() - benchOffsetMin();
