import { Injectable } from '@nestjs/common';
import type { Bottle } from '@eveningtide/core/materials';
import type { Transaction } from 'sequelize';
import type { UsingStep } from '../bin/bin.store.js';
import { createAll } from '../database/create-all.js';
import { openRows, type Rows } from '../database/rows.js';
import { BottleRow, PieceRow, StepRow } from '../database/models.js';

export interface StoredBottle {
  version: number;
  bottle: Bottle;
}

/** Reads and writes bottles. Callers give the transaction. */
@Injectable()
export class BottlesStore {
  all(transaction?: Transaction): Promise<StoredBottle[]> {
    return bottlesIn(openRows(transaction));
  }

  async byId(id: string, transaction?: Transaction): Promise<StoredBottle | null> {
    const row = await BottleRow.findByPk(id, { transaction: transaction ?? null });
    return row ? stored(row) : null;
  }

  async write(bottle: Bottle, version: number, transaction: Transaction): Promise<void> {
    const before = await BottleRow.findByPk(bottle.id, { transaction });
    if (before) {
      await before.update({ ...bottle, version }, { transaction });
      return;
    }
    const position = (Number(await BottleRow.max('position', { transaction })) || 0) + 1;
    await BottleRow.create({ ...bottle, version, position }, { transaction });
  }

  /** Steps that use a bottle. */
  async stepsWith(id: string, transaction: Transaction): Promise<UsingStep[]> {
    return (await StepRow.findAll({ where: { bottleId: id }, transaction })).map((step) => ({ pieceId: step.pieceId, stepId: step.id }));
  }

  /** Steps lose the bottle by the foreign key; their pieces get a new version, so that an open tab notices. */
  async remove(id: string, transaction: Transaction): Promise<boolean> {
    const steps = await StepRow.findAll({ where: { bottleId: id }, transaction });
    const pieces = [...new Set(steps.map((step) => step.pieceId))];
    await PieceRow.increment('version', { where: { id: pieces }, transaction });
    return (await BottleRow.destroy({ where: { id }, transaction })) > 0;
  }

  /** Writes all there is, where nothing is. */
  async writeAll(bottles: readonly Bottle[], version: number, transaction: Transaction): Promise<void> {
    await createAll(
      BottleRow,
      bottles.map((bottle, position) => ({ ...bottle, version, position })),
      transaction,
    );
  }

  async removeAll(transaction: Transaction): Promise<void> {
    await BottleRow.destroy({ where: {}, transaction });
  }
}

function stored(row: BottleRow): StoredBottle {
  const { version, position: _position, ...bottle } = row.get({ plain: true }) as Bottle & { version: number; position: number };
  return { version, bottle };
}

export const bottlesIn = async (rows: Rows): Promise<StoredBottle[]> => (await rows(BottleRow)).map(stored);
