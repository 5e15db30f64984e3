import type { Piece } from '@eveningtide/core/subjects';
import type { Transaction } from 'sequelize';
import { Column, DataType, Model, PrimaryKey, Table, type ModelCtor } from 'sequelize-typescript';
import type { Connection } from '../database/connection.js';
import { createAll } from '../database/create-all.js';
import { jsonRows } from '../database/json-rows.js';
import { AS_IS } from '../database/row.js';
import { nextPosition, type Kept, type KeptTable } from './table.js';

abstract class ChildRow extends Model {
  @PrimaryKey @Column(DataType.STRING) declare pieceId: string;
  @PrimaryKey @Column(DataType.STRING) declare id: string;
  @Column(DataType.INTEGER) declare position: number;
}

@Table({ ...AS_IS, tableName: 'pieces' })
export class PieceRow extends Model {
  @PrimaryKey @Column(DataType.STRING) declare id: string;
  @Column(DataType.INTEGER) declare version: number;
  @Column(DataType.INTEGER) declare position: number;
  @Column(DataType.STRING) declare name: string;
  @Column(DataType.STRING) declare kind: string;
  @Column(DataType.STRING) declare template: string;
  @Column(DataType.REAL) declare scaleRatio: number;
  @Column(DataType.JSON) declare sizeMm: object | null;
  @Column(DataType.JSON) declare shape: object | null;
  @Column(DataType.BOOLEAN) declare handled: boolean;
  @Column(DataType.BOOLEAN) declare cleaned: boolean;
  @Column(DataType.STRING) declare sheenWanted: string;
  @Column(DataType.STRING) declare doneBy: string | null;
  @Column(DataType.STRING) declare archivedOn: string | null;
  @Column(DataType.STRING) declare note: string;
  @Column(DataType.STRING) declare likeness: string;
  @Column(DataType.INTEGER) declare varySeed: number | null;
  @Column(DataType.JSON) declare finish: object | null;
  @Column(DataType.JSON) declare intent: object | null;
  @Column(DataType.JSON) declare waivers: object[];
  @Column(DataType.STRING) declare deletedAt: string | null;
}

@Table({ ...AS_IS, tableName: 'parts' })
export class PartRow extends ChildRow {
  @Column(DataType.STRING) declare name: string;
  @Column(DataType.BOOLEAN) declare removable: boolean;
}

@Table({ ...AS_IS, tableName: 'zones' })
export class ZoneRow extends ChildRow {
  @Column(DataType.STRING) declare partId: string;
  @Column(DataType.STRING) declare name: string;
  @Column(DataType.STRING) declare role: string;
  @Column(DataType.STRING) declare of: string | null;
  @Column(DataType.BOOLEAN) declare carries: boolean | null;
  @Column(DataType.JSON) declare sets: string[];
  @Column(DataType.INTEGER) declare count: number;
  @Column(DataType.STRING) declare substrate: string;
  @Column(DataType.STRING) declare startSheen: string;
  @Column(DataType.STRING) declare startColour: string | null;
  @Column(DataType.REAL) declare areaMm2: number;
  @Column(DataType.STRING) declare down: string;
  @Column(DataType.JSON) declare relief: object;
  @Column(DataType.STRING) declare seen: string;
  @Column(DataType.STRING) declare keepClean: string | null;
}

@Table({ ...AS_IS, tableName: 'features' })
export class FeatureRow extends ChildRow {
  @Column(DataType.STRING) declare zoneId: string;
  @Column(DataType.STRING) declare kind: string;
  @Column(DataType.STRING) declare label: string;
  @Column(DataType.REAL) declare xMm: number;
  @Column(DataType.REAL) declare yMm: number;
}

@Table({ ...AS_IS, tableName: 'members' })
export class MemberRow extends ChildRow {
  @Column(DataType.STRING) declare label: string;
  @Column(DataType.JSON) declare differences: string[];
}

@Table({ ...AS_IS, tableName: 'pictures' })
export class PictureRow extends ChildRow {
  @Column(DataType.STRING) declare fileName: string;
  @Column(DataType.STRING) declare caption: string;
  @Column(DataType.STRING) declare takenOn: string | null;
  @Column(DataType.INTEGER) declare widthPx: number;
  @Column(DataType.INTEGER) declare heightPx: number;
  @Column(DataType.JSON) declare pins: object[];
}

@Table({ ...AS_IS, tableName: 'checks' })
export class CheckRow extends ChildRow {
  @Column(DataType.STRING) declare when: string;
  @Column(DataType.STRING) declare text: string;
  @Column(DataType.BOOLEAN) declare done: boolean;
}

@Table({ ...AS_IS, tableName: 'step_groups' })
export class StepGroupRow extends ChildRow {
  @Column(DataType.STRING) declare name: string;
  @Column(DataType.INTEGER) declare rounds: number;
  @Column(DataType.STRING) declare gate: string;
}

@Table({ ...AS_IS, tableName: 'steps' })
export class StepRow extends ChildRow {
  @Column(DataType.STRING) declare technique: string;
  @Column(DataType.STRING) declare material: string | null;
  @Column(DataType.STRING) declare bottleId: string | null;
  @Column(DataType.STRING) declare mixId: string | null;
  @Column(DataType.JSON) declare zones: string[];
  @Column(DataType.JSON) declare dilution: object | null;
  @Column(DataType.INTEGER) declare coats: number;
  @Column(DataType.REAL) declare coverPct: number | null;
  @Column(DataType.REAL) declare strength: number | null;
  @Column(DataType.STRING) declare tool: string | null;
  @Column(DataType.REAL) declare dryUm: number | null;
  @Column(DataType.REAL) declare airPressureBar: number | null;
  @Column(DataType.STRING) declare direction: string | null;
  @Column(DataType.STRING) declare source: string | null;
  @Column(DataType.BOOLEAN) declare intoWet: boolean | null;
  @Column(DataType.STRING) declare place: string | null;
  @Column(DataType.REAL) declare allowance: number | null;
  @Column(DataType.REAL) declare amountMl: number | null;
  @Column(DataType.STRING) declare colour: string | null;
  @Column(DataType.STRING) declare drying: string;
  @Column(DataType.STRING) declare dryingPlace: string | null;
  @Column(DataType.REAL) declare handsOnMin: number | null;
  @Column(DataType.REAL) declare waitMin: number | null;
  @Column(DataType.STRING) declare pinnedAt: string | null;
  @Column(DataType.STRING) declare priority: string;
  @Column(DataType.STRING) declare groupId: string | null;
  @Column(DataType.JSON) declare members: string[] | null;
  @Column(DataType.STRING) declare gate: string | null;
  @Column(DataType.BOOLEAN) declare daylight: boolean;
  @Column(DataType.STRING) declare fromWish: string | null;
  @Column(DataType.STRING) declare note: string;
}

type ChildKey = 'parts' | 'zones' | 'features' | 'members' | 'pictures' | 'checks' | 'groups' | 'steps';

/** The lists of a piece, in the order in which their rows may be written. */
const CHILDREN: Record<ChildKey, ModelCtor> = {
  parts: PartRow,
  zones: ZoneRow,
  features: FeatureRow,
  members: MemberRow,
  pictures: PictureRow,
  checks: CheckRow,
  groups: StepGroupRow,
  steps: StepRow,
};

const CHILD_KEYS = Object.keys(CHILDREN) as ChildKey[];

/** What a piece has of its own, without its lists. */
function ownOf(piece: Piece): Omit<Piece, ChildKey> {
  const { parts: _p, zones: _z, features: _f, members: _m, pictures: _pictures, checks: _c, groups: _g, steps: _s, ...own } = piece;
  return own;
}

async function writeChildren(pieces: readonly Piece[], transaction: Transaction): Promise<void> {
  for (const key of CHILD_KEYS) {
    const rows = pieces.flatMap((piece) => piece[key].map((child, position) => ({ ...child, pieceId: piece.id, position })));
    await createAll(CHILDREN[key], rows, transaction);
  }
}

/** Puts pieces together from their rows and those of their lists. */
async function withLists(found: readonly PieceRow[], listOf: (model: ModelCtor) => Promise<Model[]>): Promise<Kept<Piece>[]> {
  const lists = new Map(found.map(({ id }) => [id, Object.fromEntries(CHILD_KEYS.map((key): [string, object[]] => [key, []]))]));
  for (const key of CHILD_KEYS)
    for (const row of await listOf(CHILDREN[key])) {
      const { pieceId, position: _position, ...child } = row.get({ plain: true }) as Record<string, unknown>;
      lists.get(String(pieceId))?.[key]?.push(child);
    }
  return found.map((row) => {
    const {
      version,
      deletedAt,
      position: _position,
      ...own
    } = row.get({ plain: true }) as Pick<PieceRow, 'version' | 'deletedAt' | 'position'>;
    return { version, deletedAt, thing: { ...own, ...lists.get(row.id) } as unknown as Piece };
  });
}

/** The JSON of each piece's lists, by the id of the piece. */
async function listsAsJson(connection: Connection): Promise<Map<string, Map<ChildKey, string[]>>> {
  const lists = new Map<string, Map<ChildKey, string[]>>();
  for (const key of CHILD_KEYS)
    for (const { raw, members } of await jsonRows(connection, CHILDREN[key], { raw: ['pieceId'], left: ['position'] })) {
      const id = String(raw.pieceId);
      const ofPiece = lists.get(id) ?? new Map<ChildKey, string[]>();
      lists.set(id, ofPiece);
      const known = ofPiece.get(key);
      if (known) known.push(`{${members}}`);
      else ofPiece.set(key, [`{${members}}`]);
    }
  return lists;
}

/** A piece is a row, and rows of its own in the tables of its parts, zones, steps and the rest. */
export const pieceTable: KeptTable<Piece> = {
  models: [PieceRow, ...Object.values(CHILDREN)],
  read: async (rows) => withLists(await rows(PieceRow), (model) => rows(model)),
  async asJson(connection, one) {
    const own = { raw: ['version'], both: ['id'], left: ['position', 'deletedAt'], where: '"deletedAt" IS NULL' } as const;
    const pieces = await jsonRows<'version' | 'id'>(connection, PieceRow, own);
    const lists = await listsAsJson(connection);
    const stored = pieces.map(({ raw, members }) => {
      const ofPiece = lists.get(String(raw.id));
      const children = CHILD_KEYS.map((key) => `"${key}":[${(ofPiece?.get(key) ?? []).join(',')}]`);
      return `{"version":${String(raw.version)},"deletedAt":null,"${one}":{${[members, ...children].join(',')}}}`;
    });
    return `[${stored.join(',')}]`;
  },
  async byId(id, transaction) {
    const found = await PieceRow.findAll({ where: { id }, transaction: transaction ?? null });
    const [piece] = await withLists(found, (model) =>
      model.findAll({ where: { pieceId: id }, order: [['position', 'ASC']], transaction: transaction ?? null }),
    );
    return piece ?? null;
  },
  async write(piece, version, transaction) {
    const own = { ...ownOf(piece), version, deletedAt: null };
    const before = await PieceRow.findByPk(piece.id, { transaction });
    if (before) await before.update(own, { transaction });
    else await PieceRow.create({ ...own, position: await nextPosition(PieceRow, transaction) }, { transaction });
    for (const key of [...CHILD_KEYS].reverse()) await CHILDREN[key].destroy({ where: { pieceId: piece.id }, transaction });
    await writeChildren([piece], transaction);
  },
  async writeAll(pieces, version, transaction) {
    const rows = pieces.map((piece, position) => ({ ...ownOf(piece), version, position, deletedAt: null }));
    await createAll(PieceRow, rows, transaction);
    await writeChildren(pieces, transaction);
  },
};
