import { Injectable } from '@nestjs/common';
import type { Piece } from '@eveningtide/core/subjects';
import { Op, type Transaction } from 'sequelize';
import type { Model, ModelCtor } from 'sequelize-typescript';
import { jsonRows } from '../database/json-rows.js';
import { Reader } from '../database/reader.js';
import { createAll } from '../database/create-all.js';
import type { Rows } from '../database/rows.js';
import { CheckRow, FeatureRow, MemberRow, PartRow, PictureRow, PieceRow, StepGroupRow, StepRow, ZoneRow } from '../database/models.js';

/** A piece as it is kept: with its version, and when it was thrown away. */
export interface StoredPiece {
  version: number;
  deletedAt: string | null;
  piece: Piece;
}

/** The lists of a piece, in the order in which their rows may be written. */
const CHILD_KEYS = ['parts', 'zones', 'features', 'members', 'pictures', 'checks', 'groups', 'steps'] as const satisfies (keyof Piece)[];
type ChildKey = (typeof CHILD_KEYS)[number];

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

/** What a piece has of its own, without its lists. */
function ownOf(piece: Piece): Omit<Piece, ChildKey> {
  const { parts: _p, zones: _z, features: _f, members: _m, pictures: _pictures, checks: _c, groups: _g, steps: _s, ...own } = piece;
  return own;
}

/** Reads and writes whole pieces. Callers give the transaction; nothing here begins one. */
@Injectable()
export class PiecesStore {
  constructor(private readonly reader: Reader) {}

  async all(withDeleted = false, transaction?: Transaction): Promise<StoredPiece[]> {
    return this.load(withDeleted ? {} : { deletedAt: null }, transaction);
  }

  /** All pieces that were not put aside, as the JSON of `StoredPiece[]`. */
  allAsJson(): Promise<string> {
    return this.reader.read(async (connection) => {
      const own = { raw: ['version'], both: ['id'], left: ['position', 'deletedAt'], where: '"deletedAt" IS NULL' } as const;
      const pieces = await jsonRows<'version' | 'id'>(connection, PieceRow, own);
      const lists = new Map<string, string[]>(pieces.map(({ raw }) => [String(raw.id), []]));
      for (const key of CHILD_KEYS) {
        const byPiece = new Map<string, string[]>();
        for (const { raw, members } of await jsonRows(connection, CHILDREN[key], { raw: ['pieceId'], left: ['position'] })) {
          const id = String(raw.pieceId);
          const known = byPiece.get(id);
          if (known) known.push(`{${members}}`);
          else byPiece.set(id, [`{${members}}`]);
        }
        for (const [id, members] of lists) members.push(`"${key}":[${(byPiece.get(id) ?? []).join(',')}]`);
      }
      const stored = pieces.map(({ raw, members }) => {
        const children = lists.get(String(raw.id)) ?? [];
        return `{"version":${String(raw.version)},"deletedAt":null,"piece":{${[members, ...children].join(',')}}}`;
      });
      return `[${stored.join(',')}]`;
    });
  }

  async byId(id: string, transaction?: Transaction): Promise<StoredPiece | null> {
    const [found] = await this.load({ id }, transaction);
    return found ?? null;
  }

  /** There is such a piece, and it was not put aside. */
  async isThere(id: string, transaction: Transaction): Promise<boolean> {
    return (await PieceRow.count({ where: { id, deletedAt: null }, transaction })) > 0;
  }

  /** Writes a piece whole, as this version. A new piece goes to the end of the list. */
  async write(piece: Piece, version: number, transaction: Transaction): Promise<void> {
    const own = ownOf(piece);
    const before = await PieceRow.findByPk(piece.id, { transaction });
    const position = before?.position ?? (Number(await PieceRow.max('position', { transaction })) || 0) + 1;
    if (before) await before.update({ ...own, version, deletedAt: null }, { transaction });
    else await PieceRow.create({ ...own, version, position, deletedAt: null }, { transaction });
    for (const key of [...CHILD_KEYS].reverse()) await CHILDREN[key].destroy({ where: { pieceId: piece.id }, transaction });
    await this.writeChildren([piece], transaction);
  }

  /** Writes all there is, where nothing is. */
  async writeAll(pieces: readonly Piece[], version: number, transaction: Transaction): Promise<void> {
    const rows = pieces.map((piece, position) => ({ ...ownOf(piece), version, position, deletedAt: null }));
    await createAll(PieceRow, rows, transaction);
    await this.writeChildren(pieces, transaction);
  }

  private async writeChildren(pieces: readonly Piece[], transaction: Transaction): Promise<void> {
    for (const key of CHILD_KEYS) {
      const rows = pieces.flatMap((piece) => piece[key].map((child, position) => ({ ...child, pieceId: piece.id, position })));
      await createAll(CHILDREN[key], rows, transaction);
    }
  }

  async setDeleted(id: string, deletedAt: string | null, transaction: Transaction): Promise<boolean> {
    const [changed] = await PieceRow.update({ deletedAt }, { where: { id }, transaction });
    return changed > 0;
  }

  /** Pieces that were put aside, by name. */
  async deleted(): Promise<{ id: string; name: string; deletedAt: string }[]> {
    const rows = await PieceRow.findAll({ where: { deletedAt: { [Op.ne]: null } }, attributes: ['id', 'name', 'deletedAt'] });
    return rows.map(({ id, name, deletedAt }) => ({ id, name, deletedAt: deletedAt ?? '' }));
  }

  async removeDeleted(id: string, transaction: Transaction): Promise<boolean> {
    return (await PieceRow.destroy({ where: { id, deletedAt: { [Op.ne]: null } }, transaction })) > 0;
  }

  async removeDeletedBefore(moment: string, transaction: Transaction): Promise<void> {
    await PieceRow.destroy({ where: { deletedAt: { [Op.lt]: moment } }, transaction });
  }

  async removeAll(transaction: Transaction): Promise<void> {
    await PieceRow.destroy({ where: {}, transaction });
  }

  private load(where: Record<string, unknown>, transaction?: Transaction): Promise<StoredPiece[]> {
    return withLists(PieceRow.findAll({ where, order: [['position', 'ASC']], transaction: transaction ?? null }), (model, ids) =>
      model.findAll({ where: { pieceId: ids }, order: [['position', 'ASC']], transaction: transaction ?? null }),
    );
  }
}

/** Puts pieces together from their rows and those of their lists. */
async function withLists(
  found: Promise<PieceRow[]>,
  listOf: (model: ModelCtor, ids: string[]) => Promise<Model[]>,
): Promise<StoredPiece[]> {
  const rows = await found;
  const ids = rows.map(({ id }) => id);
  const lists = new Map<string, Record<ChildKey, object[]>>();
  for (const id of ids) lists.set(id, { parts: [], zones: [], features: [], members: [], pictures: [], checks: [], groups: [], steps: [] });
  for (const key of CHILD_KEYS)
    for (const row of await listOf(CHILDREN[key], ids)) {
      const { pieceId, position: _position, ...child } = row.get({ plain: true }) as Record<string, unknown>;
      lists.get(String(pieceId))?.[key].push(child);
    }
  return rows.map((row) => {
    const { version, deletedAt, position: _position, ...own } = row.get({ plain: true }) as PieceColumns;
    return { version, deletedAt, piece: { ...own, ...lists.get(row.id) } as unknown as Piece };
  });
}

type PieceColumns = Record<string, unknown> & { version: number; deletedAt: string | null; position: number };

/** All pieces, those that were put aside too. */
export const piecesIn = (rows: Rows): Promise<StoredPiece[]> => withLists(rows(PieceRow), (model) => rows(model));
