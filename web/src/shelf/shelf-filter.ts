import type { Bottle, MaterialRole, Supplies } from '@eveningtide/core/materials';
import { lifeOf } from '@eveningtide/core/needs';

export type State = 'all' | 'old' | 'low' | 'closed';

export const STATE_NAMES: Record<State, string> = { all: 'any state', old: 'open too long', low: 'nearly empty', closed: 'not opened' };

/** Less than this of a bottle is left: time to buy (our number). */
const LOW_SHARE = 0.2;

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
      (state === 'old' && lifeOf(bottle, supplies, today).life === 'dead') ||
      (state === 'low' && isLow(bottle)) ||
      (state === 'closed' && bottle.openedOn === null);
    return words.every((word) => told.includes(word)) && (role === 'all' || material.role === role) && inState;
  });
}
