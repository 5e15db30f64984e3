import { Injectable } from '@nestjs/common';
import type { Piece } from '@eveningtide/core/subjects';
import type { Transaction } from 'sequelize';
import type { ModelCtor } from 'sequelize-typescript';
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

/** Reads and writes whole pieces. Callers give the transaction; nothing here begins one. */
@Injectable()
export class PiecesStore {
  async all(withDeleted = false, transaction?: Transaction): Promise<StoredPiece[]> {
    return this.load(withDeleted ? {} : { deletedAt: null }, transaction);
  }

  async byId(id: string, transaction?: Transaction): Promise<StoredPiece | null> {
    const [found] = await this.load({ id }, transaction);
    return found ?? null;
  }

  /** Writes a piece whole, as this version. A new piece goes to the end of the list. */
  async write(piece: Piece, version: number, transaction: Transaction): Promise<void> {
    const { parts, zones, features, members, pictures, checks, groups, steps, ...own } = piece;
    const before = await PieceRow.findByPk(piece.id, { transaction });
    const position = before?.position ?? (Number(await PieceRow.max('position', { transaction })) || 0) + 1;
    if (before) await before.update({ ...own, version, deletedAt: null }, { transaction });
    else await PieceRow.create({ ...own, version, position, deletedAt: null }, { transaction });
    for (const key of [...CHILD_KEYS].reverse()) await CHILDREN[key].destroy({ where: { pieceId: piece.id }, transaction });
    const lists = { parts, zones, features, members, pictures, checks, groups, steps };
    for (const key of CHILD_KEYS)
      await CHILDREN[key].bulkCreate(
        lists[key].map((child, i) => ({ ...child, pieceId: piece.id, position: i })),
        { transaction },
      );
  }

  async setDeleted(id: string, deletedAt: string | null, transaction: Transaction): Promise<boolean> {
    const [changed] = await PieceRow.update({ deletedAt }, { where: { id }, transaction });
    return changed > 0;
  }

  async removeAll(transaction: Transaction): Promise<void> {
    await PieceRow.destroy({ where: {}, transaction });
  }

  private async load(where: Record<string, unknown>, transaction?: Transaction): Promise<StoredPiece[]> {
    const rows = await PieceRow.findAll({ where, order: [['position', 'ASC']], raw: false, transaction: transaction ?? null });
    const ids = rows.map((row) => row.id);
    const children = new Map<ChildKey, Map<string, object[]>>();
    for (const key of CHILD_KEYS) {
      const byPiece = new Map<string, object[]>();
      const found = await CHILDREN[key].findAll({
        where: { pieceId: ids },
        order: [['position', 'ASC']],
        transaction: transaction ?? null,
      });
      for (const row of found) {
        const { pieceId, position: _position, ...child } = row.get({ plain: true }) as Record<string, unknown>;
        byPiece.set(String(pieceId), [...(byPiece.get(String(pieceId)) ?? []), child]);
      }
      children.set(key, byPiece);
    }
    return rows.map((row) => {
      const {
        version,
        deletedAt,
        position: _position,
        ...own
      } = row.get({ plain: true }) as Record<string, unknown> & { version: number; deletedAt: string | null; position: number };
      const lists = Object.fromEntries(CHILD_KEYS.map((key) => [key, children.get(key)?.get(row.id) ?? []]));
      return { version, deletedAt, piece: { ...own, ...lists } as unknown as Piece };
    });
  }
}
