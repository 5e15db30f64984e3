import type { ListKey, ThingOf } from '@eveningtide/core/kept';
import { BottleDto } from './bottle.dto.js';
import { bottleTable } from './bottle.row.js';
import { bottleTies } from './bottle.ties.js';
import { FinishDto } from './finish.dto.js';
import { finishTable } from './finish.row.js';
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
import type { Served } from './served.js';

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
  pieces: { dto: PieceDto, table: pieceTable, touches: ['log'], deleted: 'marked', called: named('Piece') },
  log: { dto: LogEntryDto, table: logTable, touches: [], deleted: 'gone', sentAgain: true, called: () => 'The entry', ties: logTies },
};

/** How a list is served of which only is known that it is one. */
export const servedOf = (key: ListKey): Served<{ id: string }> => SERVED[key] as unknown as Served<{ id: string }>;
