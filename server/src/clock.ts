/** Tests and pictures let the clock begin at a moment of their own, local `YYYY-MM-DDTHH:mm:ss`. */
const begunAt = process.env['EVENINGTIDE_NOW'];
const AHEAD_MS = begunAt === undefined ? 0 : new Date(begunAt).getTime() - Date.now();

const now = (): Date => new Date(Date.now() + AHEAD_MS);

const two = (n: number): string => String(n).padStart(2, '0');

const dayOf = (at: Date): string => `${String(at.getFullYear())}-${two(at.getMonth() + 1)}-${two(at.getDate())}`;

/** The wall clock, local, `YYYY-MM-DDTHH:mm:ss`. */
export const localMoment = (at = now()): string => `${dayOf(at)}T${two(at.getHours())}:${two(at.getMinutes())}:${two(at.getSeconds())}`;

/** The same with its milliseconds. */
export const wallClock = (at = now()): string => `${localMoment(at)}.${String(at.getMilliseconds()).padStart(3, '0')}`;

/** Now as an instant, ISO 8601 in UTC. */
export const isoNow = (): string => now().toISOString();

/** Now, as it may stand in the name of a file: `2026-11-24T19-30-00`, UTC. */
export const fileStamp = (): string => isoNow().slice(0, 19).replaceAll(':', '-');

/** Today on the wall clock, `YYYY-MM-DD`. */
export const today = (): string => dayOf(now());
