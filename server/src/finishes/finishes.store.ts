import { Injectable } from '@nestjs/common';
import type { Finish } from '@eveningtide/core/finishes';
import type { Transaction } from 'sequelize';
import { createAll } from '../database/create-all.js';
import { openRows, type Rows } from '../database/rows.js';
import { FinishRow } from '../database/models.js';

export interface StoredFinish {
  version: number;
  finish: Finish;
}

/** Reads and writes finishes. Callers give the transaction. */
@Injectable()
export class FinishesStore {
  all(transaction?: Transaction): Promise<StoredFinish[]> {
    return finishesIn(openRows(transaction));
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

  /** Writes all there is, where nothing is. */
  async writeAll(finishes: readonly Finish[], version: number, transaction: Transaction): Promise<void> {
    await createAll(
      FinishRow,
      finishes.map((finish, position) => ({ ...finish, version, position })),
      transaction,
    );
  }

  async removeAll(transaction: Transaction): Promise<void> {
    await FinishRow.destroy({ where: {}, transaction });
  }
}

const stored = ({ id, name, versions, version }: FinishRow): StoredFinish => ({
  version,
  finish: { id, name, versions: versions as Finish['versions'] },
});

export const finishesIn = async (rows: Rows): Promise<StoredFinish[]> => (await rows(FinishRow)).map(stored);
