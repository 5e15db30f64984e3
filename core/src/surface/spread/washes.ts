import { AREA_OF_PLACES } from '../../sequence/index.js';
import { eachPlace, noiseOn } from './each-place.js';
import type { SpreadOf } from './types.js';

/** The lines themselves: nothing on the face, and all at the bottom of a groove. */
const lineAt = (rank: number): number => Math.max(0, 1 - rank / AREA_OF_PLACES.recess) ** 2;
/** At the bottom of a groove lies so much more than on its flank: that is what one sees of a wash (our number). */
const SINKS = 8;

/** Where a pool dries its pigment gathers at the rim, so wide (our number). */
const RIM = 0.045;

/** Runs together in what is deep and at the foot of what stands out, and leaves rims where pools dried. */
export const wash: SpreadOf = (fields, stroke, seed) => {
  const pools = noiseOn(fields, seed, { x: 7, y: 5 });
  const cloud = noiseOn(fields, seed + 1, { x: 3, y: 4 });
  const { heightPx, pxPerMm } = fields.map;
  const rims = stroke.sprayed ? 0 : 1;
  return {
    kind: 'film',
    weight: eachPlace(fields, (i, _column, row) => {
      const pool = pools[i] ?? 0;
      const rim = Math.max(0, 1 - Math.abs(pool - 0.55) / RIM);
      const rank = fields.rank[i] ?? 0;
      const deep = 1 - rank;
      // it settles at the lower edge, the last two millimetres
      const foot = Math.max(0, 1 - (heightPx - row) / (2 * pxPerMm));
      const lies =
        0.25 + 0.5 * pool + 0.5 * (cloud[i] ?? 0) + 0.7 * deep * deep + rims * (0.9 * rim + 0.6 * foot) + 0.5 * (fields.drip[i] ?? 0);
      return lies * (1 + SINKS * lineAt(rank));
    }),
  };
};

/** A thin tint, a little cloudy. */
export const filter: SpreadOf = (fields, _stroke, seed) => {
  const cloud = noiseOn(fields, seed, { x: 8, y: 6 });
  return { kind: 'film', weight: eachPlace(fields, (i) => 0.85 + 0.3 * (cloud[i] ?? 0)) };
};

/** Drawn into the lines: the deepest first, each line fading in and out. */
export const pinWash: SpreadOf = (fields, _stroke, seed) => {
  const along = noiseOn(fields, seed, { x: 6, y: 6 });
  return {
    kind: 'film',
    weight: eachPlace(fields, (i) => Math.max(0.02, lineAt(fields.rank[i] ?? 0)) * (0.55 + 0.9 * (along[i] ?? 0))),
  };
};

/** Powder in a liquid: runs like a wash, and dries in blots. */
export const slurry: SpreadOf = (fields, _stroke, seed) => {
  const blots = noiseOn(fields, seed, { x: 2.6, y: 2 });
  const grains = noiseOn(fields, seed + 1, { x: 0.3, y: 0.3 });
  return {
    kind: 'patches',
    soft: 0.16,
    order: eachPlace(
      fields,
      (i) => (blots[i] ?? 0) + 0.3 * (grains[i] ?? 0) + 0.55 * (1 - (fields.rank[i] ?? 0)) + 0.25 * (fields.ledge[i] ?? 0),
    ),
  };
};
