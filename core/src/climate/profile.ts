import type { Air } from './humid-air.js';

/** A place to leave a piece to dry, with air of its own (airing cupboard, shed). */
export interface DryingPlace {
  id: string;
  name: string;
  air: Air;
  /** Models that fit there at once. */
  models: number;
}

/** The bench's air by time of day, and the other places a piece can dry in. */
export interface ClimateProfile {
  evening: Air;
  night: Air;
  places: DryingPlace[];
}

/** A stretch of time with the same air. Stretches are in order, without gaps; the last one has no end. */
export interface AirSpan {
  fromMin: number;
  toMin: number;
  air: Air;
}

/** The same air for ever. */
export const constantAir = (air: Air): AirSpan[] => [{ fromMin: -Infinity, toMin: Infinity, air }];

/** Index of the span that a minute falls into (binary search); the list's length when none does. */
export function spanAt(spans: readonly AirSpan[], atMin: number): number {
  let low = 0;
  let high = spans.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((spans[middle]?.toMin ?? Infinity) > atMin) high = middle;
    else low = middle + 1;
  }
  return low;
}

/** The air at a minute. @throws RangeError when no span covers it. */
export function airAt(spans: readonly AirSpan[], atMin: number): Air {
  const span = spans[spanAt(spans, atMin)];
  if (!span) throw new RangeError(`no climate is known at minute ${String(atMin)}`);
  return span.air;
}

/**
 * Air over time from evenings (minutes on any common clock, in order): the evening's air while the room is used,
 * the night's air between. What lies before the first evening and after the last is night.
 */
export function airOverEvenings(profile: ClimateProfile, evenings: readonly { fromMin: number; toMin: number }[]): AirSpan[] {
  const spans: AirSpan[] = [];
  let at = -Infinity;
  for (const evening of evenings) {
    if (evening.fromMin > at) spans.push({ fromMin: at, toMin: evening.fromMin, air: profile.night });
    spans.push({ fromMin: evening.fromMin, toMin: evening.toMin, air: profile.evening });
    at = evening.toMin;
  }
  spans.push({ fromMin: at, toMin: Infinity, air: profile.night });
  return spans;
}
