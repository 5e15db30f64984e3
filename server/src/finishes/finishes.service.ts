import { Injectable } from '@nestjs/common';
import type { Finish } from '@eveningtide/core/finishes';
import { suppliesOf } from '@eveningtide/core/materials';
import { finishFaults } from '@eveningtide/core/plan-file';
import { BinStore } from '../bin/bin.store.js';
import { Writes } from '../database/writes.js';
import { BottlesStore } from '../bottles/bottles.store.js';
import { StaleWriteException, notFound } from '../http/errors.js';
import { cameThrough } from '../http/repeat.js';
import { MaterialsStore } from '../materials/materials.store.js';
import { FaultsException } from '../validation/faults.js';
import { FinishesStore, type StoredFinish } from './finishes.store.js';

@Injectable()
export class FinishesService {
  constructor(
    private readonly writes: Writes,
    private readonly store: FinishesStore,
    private readonly bottles: BottlesStore,
    private readonly materials: MaterialsStore,
    private readonly bin: BinStore,
  ) {}

  all(): Promise<StoredFinish[]> {
    return this.store.all();
  }

  /** Saves a finish with all its versions: a new one with version 0, a known one from the version it was read at. */
  async save(id: string, sentVersion: number, finish: Finish): Promise<StoredFinish> {
    if (finish.id !== id) throw new FaultsException([{ path: 'finish.id', value: finish.id, allowed: `the id in the address, ${id}` }]);
    return this.writes.transaction(async (transaction) => {
      const bottles = (await this.bottles.all(transaction)).map(({ bottle }) => bottle);
      const materials = (await this.materials.all(transaction)).map(({ material }) => material);
      const faults = [...finishFaults('finish', finish, suppliesOf({ bottles, materials }))];
      if (faults.length > 0) throw new FaultsException(faults);
      const before = await this.store.byId(id, transaction);
      if (!before && sentVersion > 0) throw notFound('finish', id);
      if (before && cameThrough({ version: before.version, thing: before.finish }, sentVersion, finish)) return before;
      if (before && before.version !== sentVersion) throw new StaleWriteException(`Finish '${before.finish.name}'`, sentVersion, before);
      await this.store.write(finish, sentVersion + 1, transaction);
      return { version: sentVersion + 1, finish };
    });
  }

  /** Pieces keep the steps they got from it. */
  async remove(id: string): Promise<void> {
    await this.writes.transaction(async (transaction) => {
      const found = await this.store.byId(id, transaction);
      if (!found) throw notFound('finish', id);
      await this.bin.keep('finish', found.finish, { thing: found.finish, steps: [], mixes: [] }, transaction);
      await this.store.remove(id, transaction);
    });
  }
}
