import { Injectable } from '@nestjs/common';
import type { Finish } from '@eveningtide/core/finishes';
import type { Transaction } from 'sequelize';
import { FinishRow } from '../database/models.js';

export interface StoredFinish {
  version: number;
  finish: Finish;
}

/** Reads and writes finishes. Callers give the transaction. */
@Injectable()
export class FinishesStore {
  async all(transaction?: Transaction): Promise<StoredFinish[]> {
    return (await FinishRow.findAll({ order: [['position', 'ASC']], transaction: transaction ?? null })).map(stored);
  }

  async byId(id: string, transaction?: Transaction): Promise<StoredFinish | null> {
    const row = await FinishRow.findByPk(id, { transaction: transaction ?? null });
    return row ? stored(row) : null;
  }

  async write({ id, name, versions }: Finish, version: number, transaction: Transaction): Promise<void> {
    const before = await FinishRow.findByPk(id, { transaction });
    if (before) {
      await before.update({ name, versions, version }, { transaction });
      return;
    }
    const position = (Number(await FinishRow.max('position', { transaction })) || 0) + 1;
    await FinishRow.create({ id, name, versions, version, position }, { transaction });
  }

  async remove(id: string, transaction: Transaction): Promise<boolean> {
    return (await FinishRow.destroy({ where: { id }, transaction })) > 0;
  }

  async removeAll(transaction: Transaction): Promise<void> {
    await FinishRow.destroy({ where: {}, transaction });
  }
}

const stored = ({ id, name, versions, version }: FinishRow): StoredFinish => ({
  version,
  finish: { id, name, versions: versions as Finish['versions'] },
});
