/** Daylight by date: typed hours that hold all year, or computed for a latitude. Times are `HH:mm`. */
export interface Daylight {
  by: 'typed' | 'latitude';
  start: string;
  end: string;
  /** Degrees north; south is negative. */
  latitudeDeg: number;
  /** Clock time at which the sun stands highest: 12:00 in the middle of a time zone. */
  noon: string;
}

const RAD = Math.PI / 180;
/** The sun's centre stands this far below the horizon when its rim rises: refraction and half its width, degrees. */
const RISE_DEG = -0.833;

/** Declination of the sun, degrees, for a day of the year (1 = 1 January). Cooper 1969; within half a degree. */
export const sunDeclinationDeg = (dayOfYear: number): number => 23.45 * Math.sin(RAD * (360 / 365) * (284 + dayOfYear));

/**
 * Minutes from sunrise to sunset; 0 in polar night, 1440 in midnight sun. Sunrise equation; with the declination above it
 * is right to a few minutes up to 60° and rougher beyond. @throws RangeError for a latitude outside −90 to 90.
 */
export function daylightMinutes(latitudeDeg: number, dayOfYear: number): number {
  if (!(Math.abs(latitudeDeg) <= 90)) throw new RangeError(`latitudeDeg must be from -90 to 90, got ${String(latitudeDeg)}`);
  const declination = RAD * sunDeclinationDeg(dayOfYear);
  const latitude = RAD * latitudeDeg;
  const cosine = (Math.sin(RAD * RISE_DEG) - Math.sin(latitude) * Math.sin(declination)) / (Math.cos(latitude) * Math.cos(declination));
  if (cosine >= 1) return 0;
  if (cosine <= -1) return 1440;
  return (Math.acos(cosine) / Math.PI) * 1440;
}
