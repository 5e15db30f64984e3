import { ranked, smoothstep } from '../fields.js';
import { cloudsOn, noiseOn } from '../spread/each-place.js';
import type { Fault } from './types.js';
import { towards } from './with-light.js';

/** The white of a blushed film, its most, and what is left of its shine, GU (our numbers). */
const [WHITE, MOST, SHEEN_GU] = [0.72, 0.62, 4];

/** Water has got into the drying film: it is white in clouds, and dull. */
export const blushed: Fault = ({ painted, fields, seed }) => {
  const clouds = ranked(cloudsOn(fields, seed, { x: 15, y: 11 }));
  const grain = noiseOn(fields, seed + 1, { x: 0.5, y: 0.5 });
  const dull = { ...painted, sheenGu: Math.min(painted.sheenGu, SHEEN_GU) };
  return towards(
    dull,
    () => WHITE,
    (i) => MOST * (0.12 + 0.88 * smoothstep(0.25, 0.95, clouds[i] ?? 0)) * (0.85 + 0.3 * ((grain[i] ?? 0) - 0.5)),
  );
};
