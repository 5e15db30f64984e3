import { Injectable } from '@nestjs/common';
import type { Bottle } from '@eveningtide/core/materials';
import type { Mix } from '@eveningtide/core/mixing';
import type { Transaction } from 'sequelize';
import type { UsingStep } from '../bin/bin.store.js';
import { createAll } from '../database/create-all.js';
import { openRows, type Rows } from '../database/rows.js';
import { MixRow, PieceRow, StepRow } from '../database/models.js';

export interface StoredMix {
  version: number;
  mix: Mix;
}

/** Reads and writes mixes. Callers give the transaction. */
@Injectable()
export class MixesStore {
  all(transaction?: Transaction): Promise<StoredMix[]> {
    return mixesIn(openRows(transaction));
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

  /** Writes all there is, where nothing is. */
  async writeAll(mixes: readonly Mix[], version: number, transaction: Transaction): Promise<void> {
    await createAll(
      MixRow,
      mixes.map((mix, position) => ({ ...mix, version, position })),
      transaction,
    );
  }

  /** Steps that use a mix. */
  async stepsWith(id: string, transaction: Transaction): Promise<UsingStep[]> {
    return (await StepRow.findAll({ where: { mixId: id }, transaction })).map((step) => ({ pieceId: step.pieceId, stepId: step.id }));
  }

  /** Ids of the mixes that were made with a bottle. */
  async madeWith(bottleId: string, transaction: Transaction): Promise<string[]> {
    return (await this.all(transaction))
      .filter(({ mix }) => [mix.components, ...mix.changes.map(({ added }) => added)].flat().some((one) => one.bottleId === bottleId))
      .map(({ mix }) => mix.id);
  }

  /** Mixes that were made with a bottle are so again, where nothing else stands in its place. */
  async rememberBottle(bottle: Bottle, mixIds: readonly string[], transaction: Transaction): Promise<void> {
    for (const id of mixIds) {
      const found = await this.byId(id, transaction);
      if (!found) continue;
      const { mix, version } = found;
      const withIt = <T extends { material: string; bottleId: string | null }>(one: T): T =>
        one.bottleId === null && one.material === bottle.material ? { ...one, bottleId: bottle.id } : one;
      const changes = mix.changes.map((change) => ({ ...change, added: change.added.map(withIt) }));
      await this.write({ ...mix, components: mix.components.map(withIt), changes }, version + 1, transaction);
    }
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

export const mixesIn = async (rows: Rows): Promise<StoredMix[]> => (await rows(MixRow)).map(stored);
