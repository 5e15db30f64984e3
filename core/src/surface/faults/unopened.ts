import { noiseOn } from '../spread/each-place.js';
import type { Fault } from './types.js';
import { towards } from './with-light.js';

/** Scuffs of a stiff brush: how long and wide, mm, how pale, and how much of them is seen (our numbers). */
const [SCUFF_MM, PALE, SEEN] = [{ x: 6, y: 0.28 }, 0.55, 0.22];

/** Water did not get through: the coat is whole, and scuffed by the brush. */
export const unopened: Fault = ({ before, fields, seed }) => {
  const scuffs = noiseOn(fields, seed, SCUFF_MM);
  const where = noiseOn(fields, seed + 1, { x: 9, y: 7 });
  return towards(
    before,
    () => PALE,
    (i) => SEEN * Math.max(0, (scuffs[i] ?? 0) - 0.55) * 2.2 * (where[i] ?? 0),
  );
};
