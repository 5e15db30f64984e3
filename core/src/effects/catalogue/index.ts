import type { Effect } from '../types.js';
import { DUST } from './dust.js';
import { GROUND } from './ground.js';
import { GROWTH } from './growth.js';
import { SHADE } from './shade.js';
import { WORN_PAINT } from './worn-paint.js';

/** Every effect that can be wished for, in the order of the work. */
export const EFFECTS: readonly Effect[] = [...GROUND, ...WORN_PAINT, ...SHADE, ...DUST, ...GROWTH];

const BY_ID = new Map(EFFECTS.map((effect) => [effect.id, effect]));

export const isEffectId = (id: string): boolean => BY_ID.has(id);

/** @throws RangeError naming the id when there is no such effect. */
export function effectById(id: string): Effect {
  const found = BY_ID.get(id);
  if (!found) throw new RangeError(`effect '${id}' is not known`);
  return found;
}
