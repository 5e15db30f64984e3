import { smoothstep } from '../fields.js';
import { noiseOn } from '../spread/each-place.js';
import type { Fault } from './types.js';
import { towards } from './with-light.js';

/** The paleness of air under film, and how much of it is seen (our numbers). */
const [SILVER, SEEN] = [0.66, 0.5];

/** A decal on a rough ground has air under it: it shines like silver between the points where it touches. */
export const silvered: Fault = ({ painted, fields, seed }) => {
  const shares = painted.last?.shares;
  const points = noiseOn(fields, seed, { x: 0.4, y: 0.4 });
  const wide = noiseOn(fields, seed + 1, { x: 4, y: 3 });
  return towards(
    painted,
    () => SILVER,
    (i) => SEEN * Math.min(1, shares ? 1.6 * (shares[i] ?? 0) : 1) * smoothstep(0.3, 0.6, 0.6 * (points[i] ?? 0) + 0.4 * (wide[i] ?? 0)),
  );
};
