/** A stretch of minutes, both ends included. `Infinity` as end means it never closes. */
export interface Interval {
  fromMin: number;
  toMin: number;
}

export const ALWAYS: readonly Interval[] = [{ fromMin: 0, toMin: Infinity }];

/** Where both lists are open. Lists are sorted and free of overlap; so is the result. */
export function intersect(a: readonly Interval[], b: readonly Interval[]): Interval[] {
  const out: Interval[] = [];
  for (const x of a)
    for (const y of b) {
      const fromMin = Math.max(x.fromMin, y.fromMin);
      const toMin = Math.min(x.toMin, y.toMin);
      if (fromMin <= toMin) out.push({ fromMin, toMin });
    }
  return out.sort((x, y) => x.fromMin - y.fromMin);
}

/** The first minute not before `fromMin` at which the list is open; null when it never is again. */
export function firstOpen(list: readonly Interval[], fromMin: number): number | null {
  for (const gap of list) if (gap.toMin >= fromMin) return Math.max(fromMin, gap.fromMin);
  return null;
}

/** How a moment lies to a list of intervals. */
export type Standing = 'open' | 'before' | 'between' | 'after';

/** Half a second: times that differ by less are the same time; it absorbs rounding in sums of minutes. */
const SAME_TIME_MIN = 1 / 120;

export function standing(list: readonly Interval[], atMin: number): Standing {
  const first = list[0];
  const last = list[list.length - 1];
  if (!first || !last) return 'before';
  if (atMin < first.fromMin - SAME_TIME_MIN) return 'before';
  if (atMin > last.toMin + SAME_TIME_MIN) return 'after';
  const inside = list.some((gap) => atMin >= gap.fromMin - SAME_TIME_MIN && atMin <= gap.toMin + SAME_TIME_MIN);
  return inside ? 'open' : 'between';
}
