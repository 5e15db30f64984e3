import type { ListKey, ThingOf } from '@eveningtide/core/kept';
import { BottleDto } from './bottle.dto.js';
import { bottleTable } from './bottle.row.js';
import { bottleTies } from './bottle.ties.js';
import { CutlistDto } from './cutlist.dto.js';
import { cutlistTable } from './cutlist.row.js';
import { FinishDto } from './finish.dto.js';
import { finishTable } from './finish.row.js';
import { LoadDto } from './load.dto.js';
import { loadTable } from './load.row.js';
import { LogEntryDto } from './log-entry.dto.js';
import { logTable } from './log-entry.row.js';
import { logTies } from './log-entry.ties.js';
import { OwnMaterialDto } from './material.dto.js';
import { materialTable } from './material.row.js';
import { materialTies } from './material.ties.js';
import { MixDto } from './mix.dto.js';
import { mixTable } from './mix.row.js';
import { mixTies } from './mix.ties.js';
import { PieceDto } from './piece.dto.js';
import { pieceTable } from './piece.row.js';
import { PlantingDto } from './planting.dto.js';
import { plantingTable } from './planting.row.js';
import type { Served } from './served.js';
import { KeptShapeDto } from './shape.dto.js';
import { shapeTable } from './shape.row.js';
import { StripDto } from './strip.dto.js';
import { stripTable } from './strip.row.js';
import { stripTies } from './strip.ties.js';

const named =
  (what: string) =>
  ({ name }: { name: string }): string =>
    `${what} '${name}'`;

/**
 * How each list of the core's register is served. Addresses, tables, what other screens are told, the recently deleted, the plan file's shape and the
 * versions of a backup follow from it.
 */
export const SERVED: { [K in ListKey]: Served<ThingOf<K>> } = {
  materials: { dto: OwnMaterialDto, table: materialTable, touches: [], deleted: 'copied', called: named('Material'), ties: materialTies },
  // a shelf file brings materials along
  bottles: {
    dto: BottleDto,
    table: bottleTable,
    touches: ['materials'],
    deleted: 'copied',
    called: named('Bottle'),
    ties: bottleTies,
  },
  mixes: { dto: MixDto, table: mixTable, touches: [], deleted: 'copied', called: named('Mix'), ties: mixTies },
  finishes: { dto: FinishDto, table: finishTable, touches: [], deleted: 'copied', called: named('Finish') },
  strips: { dto: StripDto, table: stripTable, touches: [], deleted: 'copied', called: named('Strip'), ties: stripTies },
  cutlists: { dto: CutlistDto, table: cutlistTable, touches: [], deleted: 'copied', called: named('Cut list') },
  loads: { dto: LoadDto, table: loadTable, touches: [], deleted: 'copied', called: named('Load') },
  plantings: { dto: PlantingDto, table: plantingTable, touches: [], deleted: 'copied', called: named('Planting') },
  shapes: { dto: KeptShapeDto, table: shapeTable, touches: [], deleted: 'copied', called: named('Shape') },
  pieces: { dto: PieceDto, table: pieceTable, touches: ['log'], deleted: 'marked', called: named('Piece') },
  log: { dto: LogEntryDto, table: logTable, touches: [], deleted: 'gone', sentAgain: true, called: () => 'The entry', ties: logTies },
};

/** How a list is served of which only is known that it is one. */
export const servedOf = (key: ListKey): Served<{ id: string }> => SERVED[key] as unknown as Served<{ id: string }>;
