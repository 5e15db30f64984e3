import { eachPlace, noiseOn } from './each-place.js';
import type { SpreadOf } from './types.js';

/** A nearly dry brush drawn across: only what stands out takes it, in broken lines of its bristles, and more where the brush was set down. */
export const drybrush: SpreadOf = (fields, _stroke, seed) => {
  const bristles = noiseOn(fields, seed, { x: 5, y: 0.18 });
  const fine = noiseOn(fields, seed + 1, { x: 0.9, y: 0.14 });
  const pressed = noiseOn(fields, seed + 2, { x: 9, y: 7 });
  return {
    kind: 'patches',
    soft: 0.14,
    order: eachPlace(
      fields,
      (i) =>
        1.1 * (fields.rank[i] ?? 0) +
        0.45 * (bristles[i] ?? 0) +
        0.35 * (fine[i] ?? 0) +
        0.35 * (pressed[i] ?? 0) +
        0.35 * (fields.edge[i] ?? 0),
    ),
  };
};

/** A fine line on what breaks away, in short lengths. */
export const edgeHighlight: SpreadOf = (fields, _stroke, seed) => {
  const lengths = noiseOn(fields, seed, { x: 4, y: 4 });
  return {
    kind: 'patches',
    soft: 0.04,
    order: eachPlace(
      fields,
      (i) => 1.5 * (fields.edge[i] ?? 0) * (fields.crest[i] ?? 0) + 0.6 * (fields.rank[i] ?? 0) + 0.35 * (lengths[i] ?? 0),
    ),
  };
};
