import { Injectable } from '@nestjs/common';
import type { Mix } from '@eveningtide/core/mixing';
import type { Transaction } from 'sequelize';
import { MixRow, PieceRow, StepRow } from '../database/models.js';

export interface StoredMix {
  version: number;
  mix: Mix;
}

/** Reads and writes mixes. Callers give the transaction. */
@Injectable()
export class MixesStore {
  async all(transaction?: Transaction): Promise<StoredMix[]> {
    return (await MixRow.findAll({ order: [['position', 'ASC']], transaction: transaction ?? null })).map(stored);
  }

  async byId(id: string, transaction?: Transaction): Promise<StoredMix | null> {
    const row = await MixRow.findByPk(id, { transaction: transaction ?? null });
    return row ? stored(row) : null;
  }

  async write(mix: Mix, version: number, transaction: Transaction): Promise<void> {
    const before = await MixRow.findByPk(mix.id, { transaction });
    if (before) {
      await before.update({ ...mix, version }, { transaction });
      return;
    }
    const position = (Number(await MixRow.max('position', { transaction })) || 0) + 1;
    await MixRow.create({ ...mix, version, position }, { transaction });
  }

  /** Steps lose the mix by the foreign key; their pieces get a new version, so that an open tab notices. */
  async remove(id: string, transaction: Transaction): Promise<boolean> {
    const steps = await StepRow.findAll({ where: { mixId: id }, transaction });
    await PieceRow.increment('version', { where: { id: [...new Set(steps.map((step) => step.pieceId))] }, transaction });
    return (await MixRow.destroy({ where: { id }, transaction })) > 0;
  }

  async removeAll(transaction: Transaction): Promise<void> {
    await MixRow.destroy({ where: {}, transaction });
  }

  /** Mixes made with a bottle keep its kind. */
  async forgetBottle(bottleId: string, transaction: Transaction): Promise<void> {
    for (const { mix, version } of await this.all(transaction)) {
      const without = <T extends { bottleId: string | null }>(one: T): T => (one.bottleId === bottleId ? { ...one, bottleId: null } : one);
      const components = mix.components.map(without);
      const changes = mix.changes.map((change) => ({ ...change, added: change.added.map(without) }));
      const touched = [mix.components, ...mix.changes.map(({ added }) => added)].flat().some((one) => one.bottleId === bottleId);
      if (touched) await this.write({ ...mix, components, changes }, version + 1, transaction);
    }
  }
}

function stored(row: MixRow): StoredMix {
  const { version, position: _position, ...mix } = row.get({ plain: true }) as Mix & { version: number; position: number };
  return { version, mix };
}
