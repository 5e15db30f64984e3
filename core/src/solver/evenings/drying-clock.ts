import type { Interval } from '../../units/index.js';
import type { DryingWork } from '../problem.js';

/**
 * When drying that starts at `startMin` is done, while evenings and nights take turns with their own air: each stretch
 * adds its share. Infinity when it never is.
 */
export function doneAt(evenings: readonly Interval[], startMin: number, work: DryingWork): number {
  const { eveningMin, nightMin } = work;
  if (eveningMin === 0 && nightMin === 0) return startMin;
  if (eveningMin === nightMin) return startMin + eveningMin;
  let done = 0;
  let at = startMin;
  for (let i = firstEndingAfter(evenings, startMin); i < evenings.length; i++) {
    const evening = evenings[i];
    if (!evening) break;
    for (const [until, whole] of [
      [evening.fromMin, nightMin],
      [evening.toMin, eveningMin],
    ] as const) {
      if (until <= at) continue;
      const needed = (1 - done) * whole;
      if (at + needed <= until) return at + needed;
      if (Number.isFinite(whole)) done += (until - at) / whole;
      at = until;
    }
  }
  return at + (1 - done) * nightMin;
}

/** Index of the first evening that ends after a minute (binary search); the list's length when none does. */
export function firstEndingAfter(evenings: readonly Interval[], atMin: number): number {
  let low = 0;
  let high = evenings.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((evenings[middle]?.toMin ?? Infinity) > atMin) high = middle;
    else low = middle + 1;
  }
  return low;
}

/** Index of the first of sorted moments that comes after a minute; the list's length when none does. */
export function firstAfter(moments: readonly number[], atMin: number): number {
  let low = 0;
  let high = moments.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((moments[middle] as number) > atMin) high = middle;
    else low = middle + 1;
  }
  return low;
}

/** Halvings until a moment is known to far less than a second. */
const HALVINGS = 32;

/** The first moment, not before `fromMin`, from which work that starts then is not done before `notBeforeMin`. */
export function startFor(closesAt: (startMin: number) => number, fromMin: number, notBeforeMin: number): number {
  let [early, late] = [fromMin, Math.max(fromMin, notBeforeMin)];
  if (closesAt(early) >= notBeforeMin) return early;
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (early + late) / 2;
    if (closesAt(middle) >= notBeforeMin) late = middle;
    else early = middle;
  }
  return late;
}
