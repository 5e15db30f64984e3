import { eachPlace, noiseOn } from './each-place.js';
import type { SpreadOf } from './types.js';

/** Sprayed: alike everywhere, a breath more here and there. */
export const sprayed: SpreadOf = (fields, _stroke, seed) => {
  const drift = noiseOn(fields, seed, { x: 12, y: 9 });
  return { kind: 'film', weight: eachPlace(fields, (i) => 0.96 + 0.08 * (drift[i] ?? 0)) };
};

/** Brushed: drawn out along the surface, in faint lines of the bristles. */
export const brushed: SpreadOf = (fields, stroke, seed) => {
  if (stroke.sprayed) return sprayed(fields, stroke, seed);
  const bristles = noiseOn(fields, seed, { x: 9, y: 0.22 });
  const strokes = noiseOn(fields, seed + 1, { x: 14, y: 2.5 });
  return {
    kind: 'film',
    weight: eachPlace(fields, (i) => 0.8 + 0.25 * (bristles[i] ?? 0) + 0.15 * (strokes[i] ?? 0)),
  };
};

/** From above: what faces up gets most, and it fades towards the foot. */
export const fromAbove: SpreadOf = (fields, _stroke, seed) => {
  const drift = noiseOn(fields, seed, { x: 15, y: 10 });
  const { heightPx } = fields.map;
  return {
    kind: 'film',
    weight: eachPlace(fields, (i, _column, row) =>
      Math.max(
        0.05,
        1.5 - (1.25 * row) / heightPx + 1.2 * (fields.ledge[i] ?? 0) - 0.8 * (fields.drip[i] ?? 0) + 0.25 * ((drift[i] ?? 0) - 0.5),
      ),
    ),
  };
};
