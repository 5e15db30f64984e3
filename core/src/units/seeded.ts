const STEP = 0x6d2b79f5;
const RANGE = 2 ** 32;

/** What mulberry32 (public domain) makes of a state: a number from 0 to below 1. */
function mixed(state: number): number {
  let t = Math.imul(state ^ (state >>> 15), state | 1);
  t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
  return ((t ^ (t >>> 14)) >>> 0) / RANGE;
}

/** Numbers from 0 to below 1 that only look random: the same seed gives the same row. */
export function seededFrom(seed: number): () => number {
  let state = seed >>> 0;
  return () => mixed((state = (state + STEP) >>> 0));
}

/** The first number of such a row. */
export const seededAt = (seed: number): number => mixed((seed + STEP) >>> 0);

/** A number of the standard normal distribution (Box and Muller 1958, citation from memory). */
export const normal = (random: () => number): number => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
