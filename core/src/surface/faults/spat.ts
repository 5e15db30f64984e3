import { ranked, smoothstep } from '../fields.js';
import { noiseOn } from '../spread/each-place.js';
import type { Fault } from './types.js';
import { raised } from './with-light.js';

/** Pebbles all over: so wide, mm, so high, µm; drops here and there (our numbers). */
const [PEBBLE_MM, PEBBLE_UM] = [0.7, 55];
const [DROP_MM, DROP_UM, DROPS_FROM] = [1.1, 130, 0.92];

/** Paint too thick for the nozzle comes in spurts: a skin like that of an orange, with drops on it. */
export const spat: Fault = ({ painted, fields, seed }) => {
  const pebbles = noiseOn(fields, seed, { x: PEBBLE_MM, y: PEBBLE_MM });
  const drops = ranked(noiseOn(fields, seed + 1, { x: DROP_MM, y: DROP_MM }));
  return raised(painted, (i) => PEBBLE_UM * (pebbles[i] ?? 0) + DROP_UM * smoothstep(DROPS_FROM, 1, drops[i] ?? 0));
};
