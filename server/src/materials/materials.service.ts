import { Injectable } from '@nestjs/common';
import type { OwnMaterial } from '@eveningtide/core/materials';
import type { MixChange } from '@eveningtide/core/mixing';
import { materialFaults } from '@eveningtide/core/plan-file';
import type { Transaction } from 'sequelize';
import { BinStore } from '../bin/bin.store.js';
import { Writes } from '../database/writes.js';
import { BottleRow, FinishRow, LogEntryRow, MixRow, PieceRow, StepRow } from '../database/models.js';
import { InUseException, notFound } from '../http/errors.js';
import { FaultsException } from '../validation/faults.js';
import { MaterialsStore, type StoredMaterial } from './materials.store.js';

@Injectable()
export class MaterialsService {
  constructor(
    private readonly writes: Writes,
    private readonly store: MaterialsStore,
    private readonly bin: BinStore,
  ) {}

  all(): Promise<StoredMaterial[]> {
    return this.store.all();
  }

  async save(id: string, sentVersion: number, material: OwnMaterial): Promise<StoredMaterial> {
    if (material.id !== id)
      throw new FaultsException([{ path: 'material.id', value: material.id, allowed: `the id in the address, ${id}` }]);
    const faults = [...materialFaults('material', material)];
    if (faults.length > 0) throw new FaultsException(faults);
    return this.writes.transaction((transaction) => this.store.save(material, sentVersion, transaction));
  }

  /** Takes a material away. What bottles or steps still name stays: they would point to nothing. */
  async remove(id: string): Promise<void> {
    await this.writes.transaction(async (transaction) => {
      const found = await this.store.byId(id, transaction);
      if (!found) throw notFound('material', id);
      const users = await usersOf(id, transaction);
      if (users.length > 0) throw new InUseException(`Material '${found.material.name}'`, users);
      await this.bin.keep('material', found.material, { thing: found.material, steps: [], mixes: [] }, transaction);
      await this.store.remove(id, transaction);
    });
  }
}

const names = (things: readonly object[], material: string): boolean =>
  things.some((thing) => 'material' in thing && thing.material === material);

interface Version {
  steps: object[];
}

/** What uses a material: bottles, pieces (those put aside too), mixes, finishes, and what was done with it. None of them could be read without it. */
async function usersOf(material: string, transaction: Transaction): Promise<string[]> {
  const bottles = await BottleRow.findAll({ where: { material }, transaction });
  const steps = await StepRow.findAll({ where: { material }, transaction });
  const pieces = await PieceRow.findAll({ where: { id: [...new Set(steps.map((step) => step.pieceId))] }, transaction });
  const mixes = (await MixRow.findAll({ transaction })).filter(
    ({ components, changes }) => names(components, material) || changes.some((change) => names((change as MixChange).added, material)),
  );
  const finishes = (await FinishRow.findAll({ transaction })).filter(({ versions }) =>
    (versions as Version[]).some(({ steps: own }) => names(own, material)),
  );
  const done = (await LogEntryRow.findAll({ attributes: ['pieceId', 'step'], transaction })).filter(
    ({ step }) => step !== null && names([step], material),
  );
  const logged = await PieceRow.findAll({ where: { id: [...new Set(done.map(({ pieceId }) => pieceId))] }, transaction });
  return [...[...bottles, ...pieces, ...mixes, ...finishes].map(({ name }) => name), ...logged.map(({ name }) => `the log of ${name}`)];
}
