import { Injectable } from '@nestjs/common';
import { Op, type Transaction } from 'sequelize';
import { isoNow } from '../clock.js';
import { BinRow } from './bin.row.js';
import type { Losers } from './served.js';

/** What is needed to bring a thing back as it was. */
export interface BinContent extends Losers {
  thing: { id: string };
}

export interface Binned {
  /** What one of its kind is called in requests: `bottle`. */
  kind: string;
  id: string;
  name: string;
  /** ISO 8601, UTC. */
  deletedAt: string;
}

/** Keeps copies of what was deleted. Callers give the transaction. */
@Injectable()
export class BinStore {
  async keep(kind: string, content: BinContent, transaction: Transaction): Promise<void> {
    const { id } = content.thing;
    const name = 'name' in content.thing ? String(content.thing.name) : id;
    await BinRow.upsert({ kind, id, name, content, deletedAt: isoNow() }, { transaction });
  }

  async all(): Promise<Binned[]> {
    const rows = await BinRow.findAll({ attributes: ['kind', 'id', 'name', 'deletedAt'] });
    return rows.map(({ kind, id, name, deletedAt }) => ({ kind, id, name, deletedAt }));
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
