import { PLAN_FORMAT, PLAN_VERSION, type PlanFile } from '@eveningtide/core/plan-file';
import type { Rows } from '../database/rows.js';
import { bottlesIn } from '../bottles/bottles.store.js';
import { finishesIn } from '../finishes/finishes.store.js';
import { logIn } from '../log/log.store.js';
import { materialsIn } from '../materials/materials.store.js';
import { mixesIn } from '../mixes/mixes.store.js';
import { piecesIn } from '../pieces/pieces.store.js';
import { workshopIn } from '../workshop/workshop.store.js';

/** Everything that is kept, as one plan file. What was put aside stays out. */
export async function planOfRows(rows: Rows): Promise<PlanFile> {
  const pieces = (await piecesIn(rows)).filter(({ deletedAt }) => deletedAt === null).map(({ piece }) => piece);
  const kept = new Set(pieces.map(({ id }) => id));
  return {
    format: PLAN_FORMAT,
    version: PLAN_VERSION,
    anchorDate: null,
    workshop: (await workshopIn(rows)).workshop,
    materials: (await materialsIn(rows)).map(({ material }) => material),
    bottles: (await bottlesIn(rows)).map(({ bottle }) => bottle),
    mixes: (await mixesIn(rows)).map(({ mix }) => mix),
    finishes: (await finishesIn(rows)).map(({ finish }) => finish),
    pieces,
    log: (await logIn(rows)).map(({ entry }) => entry).filter(({ pieceId }) => kept.has(pieceId)),
  };
}
