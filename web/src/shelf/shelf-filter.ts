import { DAYS_PER_MONTH, type Bottle, type MaterialRole, type Supplies } from '@eveningtide/core/materials';
import { daysBetween } from '@eveningtide/core/schedule';

export type State = 'all' | 'old' | 'low' | 'closed';

export const STATE_NAMES: Record<State, string> = { all: 'any state', old: 'open too long', low: 'nearly empty', closed: 'not opened' };

/** Less than this of a bottle is left: time to buy (our number). */
const LOW_SHARE = 0.2;

/** Months that a bottle has been open past its usual life; 0 while it is good, or where either is not known. */
export function monthsOver(bottle: Bottle, supplies: Supplies, today: string): number {
  const { lifeMonths } = supplies.material(bottle.material);
  if (bottle.openedOn === null || lifeMonths === null) return 0;
  return Math.max(0, daysBetween(bottle.openedOn, today) / DAYS_PER_MONTH - lifeMonths);
}

export const isLow = ({ sizeMl, leftMl }: Bottle): boolean =>
  sizeMl !== null && leftMl !== null && sizeMl > 0 && leftMl / sizeMl < LOW_SHARE;

interface Wanted {
  text: string;
  role: MaterialRole | 'all';
  state: State;
}

/** Bottles that a search means: every word of it in the name, the kind, the place or the note. */
export function wantedBottles(bottles: readonly Bottle[], { text, role, state }: Wanted, supplies: Supplies, today: string): Bottle[] {
  const words = text.toLowerCase().split(/\s+/).filter(Boolean);
  return bottles.filter((bottle) => {
    const material = supplies.material(bottle.material);
    const told = `${bottle.name} ${material.name} ${bottle.place} ${bottle.note}`.toLowerCase();
    const inState =
      state === 'all' ||
      (state === 'old' && monthsOver(bottle, supplies, today) > 0) ||
      (state === 'low' && isLow(bottle)) ||
      (state === 'closed' && bottle.openedOn === null);
    return words.every((word) => told.includes(word)) && (role === 'all' || material.role === role) && inState;
  });
}
