import { seededFrom } from '../../units/index.js';
import { eachPlace, noiseOn } from './each-place.js';
import type { SpreadOf } from './types.js';

/** Dust: soft clouds, most on ledges and up from the foot, grain by grain in the pores. */
export const powder: SpreadOf = (fields, _stroke, seed) => {
  const cloud = noiseOn(fields, seed, { x: 9, y: 6 });
  const small = noiseOn(fields, seed + 1, { x: 2.2, y: 1.8 });
  const grains = noiseOn(fields, seed + 2, { x: 0.2, y: 0.2 });
  const { heightPx } = fields.map;
  return {
    kind: 'patches',
    soft: 0.3,
    order: eachPlace(
      fields,
      (i, _column, row) =>
        (cloud[i] ?? 0) +
        0.35 * (small[i] ?? 0) +
        0.3 * (grains[i] ?? 0) +
        0.8 * (fields.ledge[i] ?? 0) +
        0.55 * (row / heightPx) -
        0.3 * (fields.drip[i] ?? 0),
    ),
  };
};

/** Paste, filler, glue: stippled in lumps, more at the foot. */
export const paste: SpreadOf = (fields, _stroke, seed) => {
  const lumps = noiseOn(fields, seed, { x: 1.5, y: 1.3 });
  const fine = noiseOn(fields, seed + 1, { x: 0.45, y: 0.4 });
  const field = noiseOn(fields, seed + 2, { x: 9, y: 7 });
  const { heightPx } = fields.map;
  return {
    kind: 'patches',
    soft: 0.02,
    order: eachPlace(
      fields,
      (i, _column, row) => 0.7 * (lumps[i] ?? 0) + 0.4 * (fine[i] ?? 0) + 0.6 * (field[i] ?? 0) + 0.5 * (row / heightPx),
    ),
  };
};

/** One grain to so much, mm (our number). */
const GRAIN_MM = 0.55;

/** Scattered grains: each is round, and lies or does not. */
export const grains: SpreadOf = (fields, _stroke, seed) => {
  const field = noiseOn(fields, seed + 1, { x: 7, y: 6 });
  const { widthPx, heightPx, pxPerMm } = fields.map;
  const cell = GRAIN_MM * pxPerMm;
  const [columns, rows] = [Math.ceil(widthPx / cell) + 2, Math.ceil(heightPx / cell) + 2];
  const random = seededFrom(seed);
  // where each grain lies in its cell, and its turn
  const dice = Float64Array.from({ length: 3 * columns * rows }, random);
  return {
    kind: 'patches',
    soft: 0.02,
    order: eachPlace(fields, (i, column, row) => {
      const u = column / cell + 1;
      const v = row / cell + 1;
      const left = Math.floor(u);
      const top = Math.floor(v);
      let nearest = Infinity;
      let turn = 0;
      for (let j = top - 1; j <= top + 1; j++)
        for (let k = left - 1; k <= left + 1; k++) {
          const at = 3 * (j * columns + k);
          const from = Math.hypot(k + (dice[at] ?? 0) - u, j + (dice[at + 1] ?? 0) - v);
          if (from >= nearest) continue;
          nearest = from;
          turn = dice[at + 2] ?? 0;
        }
      return turn + 0.6 * (field[i] ?? 0) - 0.8 * Math.max(0, nearest - 0.35);
    }),
  };
};

/** Tufts: small stars apart from each other. */
export const tufts: SpreadOf = (fields, _stroke, seed) => {
  const places = noiseOn(fields, seed, { x: 3.2, y: 3 });
  const blades = noiseOn(fields, seed + 1, { x: 0.16, y: 0.9 });
  return { kind: 'patches', soft: 0.02, order: eachPlace(fields, (i) => (places[i] ?? 0) + 0.22 * (blades[i] ?? 0)) };
};
