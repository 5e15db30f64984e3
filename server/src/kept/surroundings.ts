import type { ListKey, Surroundings } from '@eveningtide/core/kept';
import { keptListOf } from '@eveningtide/core/kept';
import { suppliesOf } from '@eveningtide/core/materials';
import type { Transaction } from 'sequelize';
import { openRows } from '../database/rows.js';
import { bottleTable } from './bottle.row.js';
import { materialTable } from './material.row.js';
import { MixRow } from './mix.row.js';
import { PieceRow } from './piece.row.js';
import { StripRow } from './strip.row.js';
import { DryingPlaceRow } from './workshop.row.js';

/** What things of a list may point to, as it is kept now; what they never point to is not read. */
export async function surroundingsOf(key: ListKey, transaction: Transaction): Promise<Surroundings> {
  const { pointsTo } = keptListOf(key);
  const rows = openRows(transaction);
  const [bottles, materials] = [
    pointsTo.includes('bottles') ? await bottleTable.read(rows) : [],
    pointsTo.includes('materials') ? await materialTable.read(rows) : [],
  ];
  const where = { attributes: ['id'], raw: true, transaction };
  const [mixes, places, pieces, strips] = [
    pointsTo.includes('mixes') ? await MixRow.findAll(where) : [],
    pointsTo.includes('places') ? await DryingPlaceRow.findAll(where) : [],
    pointsTo.includes('pieces') ? await PieceRow.findAll({ ...where, where: { deletedAt: null } }) : [],
    pointsTo.includes('strips') ? await StripRow.findAll(where) : [],
  ];
  const ids = (found: readonly { id: string }[]): Set<string> => new Set(found.map(({ id }) => id));
  return {
    supplies: suppliesOf({ bottles: bottles.map(({ thing }) => thing), materials: materials.map(({ thing }) => thing) }),
    mixes: ids(mixes),
    places: ids(places),
    pieces: ids(pieces),
    strips: ids(strips),
  };
}
