import { seededFrom } from '../units/index.js';
import { fromStripMm } from './free-ground.js';
import { seedOf } from './places.js';
import type { Growth, Layer, Planting } from './planting.js';

/** A row of cells side by side: from its upper left, one cell high. */
export interface Run {
  xMm: number;
  yMm: number;
  lengthMm: number;
}

/** How far patches of it lie from each other, mm (our numbers): turf in large fields, moss in spots. */
const PATCH_MM: Readonly<Record<Growth, number>> = { turf: 60, grass: 40, moss: 14, litter: 28 };
/** A plan has so many cells along its longer side. */
const CELLS = 200;

const smooth = (share: number): number => share * share * (3 - 2 * share);

/** Heights at the corners of a seeded grid, and softly between them (value noise). Where a corner lies decides its height, so that more ground changes none of it. */
function grid(
  seed: number,
  meshMm: number,
  { lengthMm, widthMm }: Pick<Planting, 'lengthMm' | 'widthMm'>,
): (xMm: number, yMm: number) => number {
  const columns = Math.ceil(lengthMm / meshMm) + 2;
  const rows = Math.ceil(widthMm / meshMm) + 2;
  const corners = Float64Array.from({ length: columns * rows }, (_, i) =>
    seededFrom(seed + (i % columns) * 7919 + Math.floor(i / columns) * 104_729)(),
  );
  const corner = (column: number, row: number): number => corners[row * columns + column] ?? 0;
  return (xMm, yMm) => {
    const [x, y] = [xMm / meshMm, yMm / meshMm];
    const [left, top] = [Math.floor(x), Math.floor(y)];
    const [across, down] = [smooth(x - left), smooth(y - top)];
    const along = (row: number): number => corner(left, row) * (1 - across) + corner(left + 1, row) * across;
    return along(top) * (1 - down) + along(top + 1) * down;
  };
}

/** Large patches with ragged edges: two grids, the finer one for less. */
function hills(seed: number, patchMm: number, size: Pick<Planting, 'lengthMm' | 'widthMm'>): (xMm: number, yMm: number) => number {
  const [large, fine] = [grid(seed, patchMm, size), grid(seed + 1, patchMm / 3, size)];
  return (xMm, yMm) => large(xMm, yMm) + 0.4 * fine(xMm, yMm);
}

/**
 * Where a layer is glued, in cells: seeded patches off the strips that together are its share of the free ground, to a cell. More of it only makes the same patches
 * larger. For the plan that is drawn; amounts go by the share itself.
 */
export function areasOfLayer(
  planting: Pick<Planting, 'lengthMm' | 'widthMm' | 'keepOffs' | 'seed'>,
  layer: Layer,
): { runs: Run[]; cellMm: number } {
  const { lengthMm, widthMm, keepOffs, seed } = planting;
  const cellMm = Math.max(lengthMm, widthMm) / CELLS;
  const height = hills(seedOf(seed, layer.id, 0), PATCH_MM[layer.growth], planting);
  const [columns, rows] = [Math.round(lengthMm / cellMm), Math.max(1, Math.round(widthMm / cellMm))];
  // nowhere else is below 0
  const heights = Float64Array.from({ length: columns * rows }, (_, i) => {
    const [xMm, yMm] = [((i % columns) + 0.5) * cellMm, (Math.floor(i / columns) + 0.5) * cellMm];
    return keepOffs.every((strip) => fromStripMm(strip, xMm, yMm) > 0) ? height(xMm, yMm) : -1;
  });
  const free = heights.filter((one) => one >= 0).sort();
  const count = Math.round((free.length * layer.sharePct) / 100);
  // the highest cells are glued
  const lowest = count === 0 ? Infinity : (free[free.length - count] ?? 0);
  const runs: Run[] = [];
  for (let row = 0; row < rows; row++) {
    let run: Run | null = null;
    for (let column = 0; column < columns; column++) {
      if ((heights[row * columns + column] ?? -1) < lowest) run = null;
      else if (run) run.lengthMm += cellMm;
      else runs.push((run = { xMm: column * cellMm, yMm: row * cellMm, lengthMm: cellMm }));
    }
  }
  return { runs, cellMm };
}
