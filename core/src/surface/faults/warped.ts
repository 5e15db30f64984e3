import { eachPlace, noiseOn } from '../spread/each-place.js';
import type { Fault } from './types.js';
import { raised } from './with-light.js';

/** How far the middle stands out from the rims over a width of `WIDE_MM`, µm, and its waves (our numbers). */
const [BOW_UM, WIDE_MM, WAVE_UM] = [5200, 60, 900];

/** Wet on one side, card bows and lies in waves. */
export const warped: Fault = ({ painted, fields, seed }) => {
  const { widthPx, heightPx, pxPerMm } = fields.map;
  const waves = noiseOn(fields, seed, { x: 14, y: 40 });
  const bowUm = BOW_UM * Math.min(1, widthPx / pxPerMm / WIDE_MM);
  const bow = eachPlace(fields, (i, column, row) => {
    const [u, v] = [(2 * column) / widthPx - 1, (2 * row) / heightPx - 1];
    return -bowUm * (u * u + 0.15 * v * v) + WAVE_UM * (waves[i] ?? 0);
  });
  return raised(painted, (i) => bow[i] ?? 0);
};
