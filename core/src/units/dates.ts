/** Dates as `YYYY-MM-DD` and wall-clock times as `HH:mm`; no time zone, no clock change. */
export const MINUTES_PER_DAY = 1440;

const SECONDS_PER_DAY = 86_400;

const SECONDS = /^:[0-5]\d$/;
const DATE = /^(\d{4})-(\d{2})-(\d{2})$/;
const CLOCK = /^([01]\d|2[0-3]):([0-5]\d)$/;

/** Days that were read before: a long log names the same ones thousands of times. */
const known = new Map<string, number>();
const MOST_KNOWN = 10_000;

function dayNumber(date: string): number {
  const before = known.get(date);
  if (before !== undefined) return before;
  const read = readDay(date);
  if (known.size >= MOST_KNOWN) known.clear();
  known.set(date, read);
  return read;
}

function readDay(date: string): number {
  const [, year, month, day] = (DATE.exec(date) ?? []).map(Number);
  const time = Date.UTC(year ?? NaN, (month ?? NaN) - 1, day);
  const found = new Date(time);
  // 31 February is found on a day of March: no date.
  if (found.getUTCFullYear() !== year || found.getUTCMonth() + 1 !== month || found.getUTCDate() !== day)
    throw new RangeError(`date must be a day as YYYY-MM-DD, got '${date}'`);
  return time / 86_400_000;
}

export const isDate = (date: string): boolean => {
  try {
    return Number.isFinite(dayNumber(date));
  } catch {
    return false;
  }
};

/** The first and the last day that plans, bottles and logs may name. */
export const FIRST_DAY = '1950-01-01';
export const LAST_DAY = '2099-12-31';

/** A day that plans can reckon with. */
export const isWithinReach = (date: string): boolean => isDate(date) && date >= FIRST_DAY && date <= LAST_DAY;

export const isClock = (time: string): boolean => CLOCK.test(time);

export const addDays = (date: string, days: number): string => new Date((dayNumber(date) + days) * 86_400_000).toISOString().slice(0, 10);

export const daysBetween = (from: string, to: string): number => dayNumber(to) - dayNumber(from);

/** 0 is Monday, 6 is Sunday. */
export const weekdayOf = (date: string): number => (((dayNumber(date) + 3) % 7) + 7) % 7;

/** Minutes since midnight. @throws RangeError unless `HH:mm`. */
export function minutesOfClock(time: string): number {
  const match = CLOCK.exec(time);
  if (!match) throw new RangeError(`time must be HH:mm, got '${time}'`);
  return Number(match[1]) * 60 + Number(match[2]);
}

/** `HH:mm` of a minute on the clock that started at midnight of some day. */
export function clockOf(minute: number): string {
  const whole = Math.round(minute);
  const inDay = ((whole % MINUTES_PER_DAY) + MINUTES_PER_DAY) % MINUTES_PER_DAY;
  return `${String(Math.floor(inDay / 60)).padStart(2, '0')}:${String(inDay % 60).padStart(2, '0')}`;
}

/** Over 24 hours, 19:30, or over twelve, 7:30 pm. */
export const CLOCK_STYLES = ['24', '12'] as const;
export type ClockStyle = (typeof CLOCK_STYLES)[number];

/** A clock time `HH:mm` as it is shown; twelve is noon and midnight. */
export function clockShown(time: string, style: ClockStyle): string {
  if (style === '24' || !isClock(time)) return time;
  const hour = Number(time.slice(0, 2));
  return `${String(hour % 12 === 0 ? 12 : hour % 12)}:${time.slice(3)} ${hour < 12 ? 'am' : 'pm'}`;
}

/** The day a minute falls on. */
export const dateOf = (originDate: string, minute: number): string => addDays(originDate, Math.floor(Math.round(minute) / MINUTES_PER_DAY));

/** Minute on the origin's clock of `YYYY-MM-DDTHH:mm`, or with seconds behind. @throws RangeError for anything else. */
export function minuteOf(originDate: string, localDateTime: string): number {
  const [date = '', time = ''] = localDateTime.split('T');
  const seconds = SECONDS.test(time.slice(5)) ? Number(time.slice(6)) : 0;
  const clock = SECONDS.test(time.slice(5)) ? time.slice(0, 5) : time;
  return daysBetween(originDate, date) * MINUTES_PER_DAY + minutesOfClock(clock) + seconds / 60;
}

/** The moment of a minute on the origin's clock, `YYYY-MM-DDTHH:mm:ss`. */
export function momentOf(originDate: string, minute: number): string {
  const seconds = Math.round(minute * 60);
  const day = Math.floor(seconds / SECONDS_PER_DAY);
  const inDay = seconds - day * SECONDS_PER_DAY;
  const two = (n: number): string => String(n).padStart(2, '0');
  return `${addDays(originDate, day)}T${two(Math.floor(inDay / 3600))}:${two(Math.floor(inDay / 60) % 60)}:${two(inDay % 60)}`;
}

/** The same time of another day. */
export const movedByDays = (localDateTime: string, days: number): string =>
  `${addDays(localDateTime.slice(0, 10), days)}${localDateTime.slice(10)}`;

export const isLocalDateTime = (value: string): boolean => {
  const [date = '', time = '', ...rest] = value.split('T');
  return rest.length === 0 && isDate(date) && isClock(time);
};

/** `YYYY-MM-DDTHH:mm:ss`. */
export const isMoment = (value: string): boolean => SECONDS.test(value.slice(16)) && isLocalDateTime(value.slice(0, 16));
