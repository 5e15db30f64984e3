import type { Interval } from '../../units/index.js';
import { firstEndingAfter } from './drying-clock.js';

export interface Placed {
  id: string;
  startMin: number;
  endMin: number;
}

/** Operations in evenings. */
export interface Plan {
  /** By start. */
  placed: Placed[];
  /** Cleanings between colours. */
  cleanings: Interval[];
  /** Operations that found no place, with the reason in words. */
  unplaced: { id: string; why: string }[];
  /** Left out, because they would have come too late. */
  dropped: string[];
  /** The way that was chosen, where there are several and it is not the first. */
  chosen: Record<string, string>;
  /** End of the last operation; null when nothing is placed. */
  finishMin: number | null;
  eveningsUsed: number;
}

/** One evening of a plan. */
export interface PlannedEvening {
  evening: Interval;
  placed: Placed[];
  cleanings: Interval[];
  /** Minutes that hands are busy, cleaning included. */
  busyMin: number;
}

/** Each evening's own, by where they start; what lies in none is left out. */
function byEvening<T>(evenings: readonly Interval[], all: readonly T[], startOf: (one: T) => number): Map<Interval, T[]> {
  const found = new Map<Interval, T[]>();
  for (const one of all) {
    const evening = evenings[firstEndingAfter(evenings, startOf(one))];
    if (!evening || startOf(one) < evening.fromMin) continue;
    const own = found.get(evening);
    if (own) own.push(one);
    else found.set(evening, [one]);
  }
  return found;
}

/** The evenings that a plan uses, each with what is done in it. */
export function eveningsOf({ placed, cleanings }: Pick<Plan, 'placed' | 'cleanings'>, evenings: readonly Interval[]): PlannedEvening[] {
  const work = byEvening(evenings, placed, ({ startMin }) => startMin);
  const cleaning = byEvening(evenings, cleanings, ({ fromMin }) => fromMin);
  return evenings.flatMap((evening): PlannedEvening[] => {
    const here = work.get(evening);
    if (!here) return [];
    const cleaned = cleaning.get(evening) ?? [];
    const busyMin = here.reduce((sum, p) => sum + p.endMin - p.startMin, 0) + cleaned.reduce((sum, c) => sum + c.toMin - c.fromMin, 0);
    return [{ evening, placed: here, cleanings: cleaned, busyMin }];
  });
}

/** Operations that lie in another evening in a second plan, by when they come in the first; what only one of them has is left out. */
export function changedEvenings(first: Plan, second: Plan, evenings: readonly Interval[]): { id: string; from: Interval; to: Interval }[] {
  const of = (plan: Plan) => eveningsOf(plan, evenings).flatMap(({ evening, placed }) => placed.map(({ id }) => [id, evening] as const));
  const then = new Map(of(second));
  return of(first).flatMap(([id, from]) => {
    const to = then.get(id);
    return to && to.fromMin !== from.fromMin ? [{ id, from, to }] : [];
  });
}
