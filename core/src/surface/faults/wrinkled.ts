import { ranked, smoothstep } from '../fields.js';
import { cloudsOn, noiseOn } from '../spread/each-place.js';
import type { Fault } from './types.js';
import { raised } from './with-light.js';

/** Folds of the skin: so wide, mm, and so high, µm; they take so much of the surface (our numbers). */
const [FOLD_MM, FOLD_UM, FROM_RANK] = [{ x: 1.2, y: 0.95 }, 150, 0.18];

/** The skin has swollen and lies in folds, like that on boiled milk; here and there it holds. */
export const wrinkled: Fault = ({ painted, fields, seed }) => {
  const folds = noiseOn(fields, seed, FOLD_MM);
  const fine = noiseOn(fields, seed + 1, { x: FOLD_MM.x / 2, y: FOLD_MM.y / 2 });
  const where = ranked(cloudsOn(fields, seed + 2, { x: 14, y: 10 }));
  // a ridge runs wherever the noise passes its middle
  const ridge = (value: number): number => 1 - Math.min(1, 5 * Math.abs(value - 0.5));
  return raised(
    painted,
    (i) =>
      FOLD_UM * smoothstep(FROM_RANK - 0.1, FROM_RANK + 0.1, where[i] ?? 0) * Math.max(ridge(folds[i] ?? 0), 0.6 * ridge(fine[i] ?? 0)),
  );
};
