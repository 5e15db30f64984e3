import { valueNoise, type Field } from '../units/index.js';
import { fromStripMm } from './free-ground.js';
import { seedOf } from './places.js';
import type { GrowthKind, Growth, Planting } from './planting.js';

/** A row of cells side by side: from its upper left, one cell high. */
export interface Run {
  xMm: number;
  yMm: number;
  lengthMm: number;
}

/** How far patches of it lie from each other, mm (our numbers): turf in large fields, moss in spots. */
const PATCH_MM: Readonly<Record<GrowthKind, number>> = { turf: 60, grass: 40, moss: 14, litter: 28 };
/** A plan has so many cells along its longer side. */
const CELLS = 200;

/** Large patches with ragged edges: two grids, the finer one for less. */
function hills(seed: number, patchMm: number, { lengthMm, widthMm }: Pick<Planting, 'lengthMm' | 'widthMm'>): Field {
  const size = { x: lengthMm, y: widthMm };
  const grid = (turn: number, meshMm: number): Field => valueNoise(seed + turn, { x: meshMm, y: meshMm }, size);
  const [large, fine] = [grid(0, patchMm), grid(1, patchMm / 3)];
  return (xMm, yMm) => large(xMm, yMm) + 0.4 * fine(xMm, yMm);
}

/**
 * Where a growth is glued, in cells: seeded patches off the strips that together are its share of the free ground, to a cell. More of it only makes the same patches
 * larger. For the plan that is drawn; amounts go by the share itself.
 */
export function areasOfGrowth(
  planting: Pick<Planting, 'lengthMm' | 'widthMm' | 'keepOffs' | 'seed'>,
  growth: Growth,
): { runs: Run[]; cellMm: number } {
  const { lengthMm, widthMm, keepOffs, seed } = planting;
  const cellMm = Math.max(lengthMm, widthMm) / CELLS;
  const height = hills(seedOf(seed, growth.id, 0), PATCH_MM[growth.kind], planting);
  const [columns, rows] = [Math.round(lengthMm / cellMm), Math.max(1, Math.round(widthMm / cellMm))];
  // nowhere else is below 0
  const heights = Float64Array.from({ length: columns * rows }, (_, i) => {
    const [xMm, yMm] = [((i % columns) + 0.5) * cellMm, (Math.floor(i / columns) + 0.5) * cellMm];
    return keepOffs.every((strip) => fromStripMm(strip, xMm, yMm) > 0) ? height(xMm, yMm) : -1;
  });
  const free = heights.filter((one) => one >= 0).sort();
  const count = Math.round((free.length * growth.sharePct) / 100);
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
