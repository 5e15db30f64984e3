import { seededAt } from './seeded.js';

/** Heights 0–1 that run softly over a plane. */
export type Field = (x: number, y: number) => number;

interface Pair {
  x: number;
  y: number;
}

const smooth = (share: number): number => share * share * (3 - 2 * share);

/** Seeded heights at the corners of a grid; where a corner lies decides its height, so that a larger plane changes none of it. */
function cornersOf(seed: number, mesh: Pair, size: Pair): { corners: Float64Array; columns: number } {
  const columns = Math.ceil(size.x / mesh.x) + 2;
  const rows = Math.ceil(size.y / mesh.y) + 2;
  const corners = new Float64Array(columns * rows);
  for (let row = 0, i = 0; row < rows; row++)
    for (let column = 0; column < columns; column++, i++) corners[i] = seededAt(seed + column * 7919 + row * 104_729);
  return { corners, columns };
}

/** Seeded heights of a grid and softly between them (value noise), from the upper left on as far as said. */
export function valueNoise(seed: number, mesh: Pair, size: Pair): Field {
  const { corners, columns } = cornersOf(seed, mesh, size);
  return (x, y) => {
    const u = x / mesh.x;
    const v = y / mesh.y;
    const left = Math.floor(u);
    const top = Math.floor(v);
    const across = smooth(u - left);
    const at = top * columns + left;
    const a = corners[at] ?? 0;
    const c = corners[at + columns] ?? 0;
    const upper = a + ((corners[at + 1] ?? 0) - a) * across;
    const lower = c + ((corners[at + columns + 1] ?? 0) - c) * across;
    return upper + (lower - upper) * smooth(v - top);
  };
}

/** The same at the middle of each pixel, row by row: much faster than one by one. */
export function noiseRows(seed: number, mesh: Pair, size: Pair): Float32Array {
  const { corners, columns } = cornersOf(seed, mesh, size);
  const out = new Float32Array(size.x * size.y);
  const left = new Uint32Array(size.x);
  const across = new Float64Array(size.x);
  for (let column = 0; column < size.x; column++) {
    const u = (column + 0.5) / mesh.x;
    left[column] = Math.floor(u);
    across[column] = smooth(u - Math.floor(u));
  }
  for (let row = 0, i = 0; row < size.y; row++) {
    const v = (row + 0.5) / mesh.y;
    const top = Math.floor(v) * columns;
    const down = smooth(v - Math.floor(v));
    for (let column = 0; column < size.x; column++, i++) {
      const at = top + (left[column] ?? 0);
      const share = across[column] ?? 0;
      const a = corners[at] ?? 0;
      const c = corners[at + columns] ?? 0;
      const upper = a + ((corners[at + 1] ?? 0) - a) * share;
      out[i] = upper + (c + ((corners[at + columns + 1] ?? 0) - c) * share - upper) * down;
    }
  }
  return out;
}
