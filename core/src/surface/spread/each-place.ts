import { noiseRows } from '../../units/index.js';
import type { Fields } from '../fields.js';

/** Seeded noise for each place, 0–1; its mesh in mm. */
export function noiseOn({ map }: Fields, seed: number, meshMm: { x: number; y: number }): Float32Array {
  const { widthPx, heightPx, pxPerMm } = map;
  return noiseRows(seed, { x: meshMm.x * pxPerMm, y: meshMm.y * pxPerMm }, { x: widthPx, y: heightPx });
}

/** A value for each place. */
export function eachPlace({ map }: Fields, value: (i: number, column: number, row: number) => number): Float32Array {
  const { widthPx, heightPx } = map;
  const out = new Float32Array(widthPx * heightPx);
  for (let row = 0, i = 0; row < heightPx; row++) for (let column = 0; column < widthPx; column++, i++) out[i] = value(i, column, row);
  return out;
}

/** Softly shaped clouds, 0–1: noise with finer noise on it, so that no mesh is seen. */
export function cloudsOn(fields: Fields, seed: number, meshMm: { x: number; y: number }): Float32Array {
  const [wide, half, fine] = [1, 0.53, 0.27].map((share, i) =>
    noiseOn(fields, seed + 17 * i, { x: meshMm.x * share, y: meshMm.y * share }),
  );
  return eachPlace(fields, (i) => 0.52 * (wide?.[i] ?? 0) + 0.31 * (half?.[i] ?? 0) + 0.17 * (fine?.[i] ?? 0));
}
