import { Injectable } from '@nestjs/common';
import { Op, type Transaction } from 'sequelize';
import { isoNow } from '../clock.js';
import { BinRow } from '../database/models.js';

/** Kinds of things that are kept for a while after they were deleted; pieces are marked in their own table. */
export const BIN_KINDS = ['bottle', 'material', 'mix', 'finish'] as const;
export type BinKind = (typeof BIN_KINDS)[number];

/** A step that used what was deleted. */
export interface UsingStep {
  pieceId: string;
  stepId: string;
}

/** What is needed to bring a thing back as it was. */
export interface BinContent {
  thing: object;
  steps: UsingStep[];
  /** Ids of mixes that were made with it. */
  mixes: string[];
}

export interface Binned {
  kind: BinKind | 'piece';
  id: string;
  name: string;
  /** ISO 8601, UTC. */
  deletedAt: string;
}

/** Keeps what was deleted. Callers give the transaction. */
@Injectable()
export class BinStore {
  async keep(kind: BinKind, { id, name }: { id: string; name: string }, content: BinContent, transaction: Transaction): Promise<void> {
    await BinRow.upsert({ kind, id, name, content, deletedAt: isoNow() }, { transaction });
  }

  async all(): Promise<Binned[]> {
    const rows = await BinRow.findAll({ attributes: ['kind', 'id', 'name', 'deletedAt'] });
    return rows.map(({ kind, id, name, deletedAt }) => ({ kind: kind as BinKind, id, name, deletedAt }));
  }

  async content(kind: string, id: string, transaction: Transaction): Promise<BinContent | null> {
    const row = await BinRow.findOne({ where: { kind, id }, transaction });
    return row ? (row.content as BinContent) : null;
  }

  async forget(kind: string, id: string, transaction: Transaction): Promise<boolean> {
    return (await BinRow.destroy({ where: { kind, id }, transaction })) > 0;
  }

  /** What was deleted before a moment goes for good. */
  async forgetBefore(moment: string, transaction: Transaction): Promise<void> {
    await BinRow.destroy({ where: { deletedAt: { [Op.lt]: moment } }, transaction });
  }
}
