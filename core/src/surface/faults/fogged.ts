import { noiseOn } from '../spread/each-place.js';
import type { Fault } from './types.js';
import { towards } from './with-light.js';

/** The white of fogged glazing, how thick it lies, and what is left of its shine, GU (our numbers). */
const [WHITE, THICK, SHEEN_GU] = [0.62, 0.7, 6];

/** Spray or its vapour has bitten the clear plastic: milky, with fine drops in it. */
export const fogged: Fault = ({ painted, fields, seed }) => {
  const drops = noiseOn(fields, seed, { x: 0.35, y: 0.35 });
  const wide = noiseOn(fields, seed + 1, { x: 7, y: 5 });
  return towards(
    { ...painted, sheenGu: SHEEN_GU },
    () => WHITE,
    (i) => THICK * (0.72 + 0.28 * (wide[i] ?? 0)) * (0.7 + 0.6 * ((drops[i] ?? 0) - 0.25)),
  );
};
