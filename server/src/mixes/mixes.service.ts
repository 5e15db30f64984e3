import { Injectable } from '@nestjs/common';
import { suppliesOf } from '@eveningtide/core/materials';
import type { Mix } from '@eveningtide/core/mixing';
import { mixFaults } from '@eveningtide/core/plan-file';
import { BinStore } from '../bin/bin.store.js';
import { Writes } from '../database/writes.js';
import { BottlesStore } from '../bottles/bottles.store.js';
import { StaleWriteException, notFound } from '../http/errors.js';
import { cameThrough } from '../http/repeat.js';
import { MaterialsStore } from '../materials/materials.store.js';
import { FaultsException } from '../validation/faults.js';
import { MixesStore, type StoredMix } from './mixes.store.js';

@Injectable()
export class MixesService {
  constructor(
    private readonly writes: Writes,
    private readonly store: MixesStore,
    private readonly bottles: BottlesStore,
    private readonly materials: MaterialsStore,
    private readonly bin: BinStore,
  ) {}

  all(): Promise<StoredMix[]> {
    return this.store.all();
  }

  async save(id: string, sentVersion: number, mix: Mix): Promise<StoredMix> {
    if (mix.id !== id) throw new FaultsException([{ path: 'mix.id', value: mix.id, allowed: `the id in the address, ${id}` }]);
    return this.writes.transaction(async (transaction) => {
      const bottles = (await this.bottles.all(transaction)).map(({ bottle }) => bottle);
      const materials = (await this.materials.all(transaction)).map(({ material }) => material);
      const faults = [...mixFaults('mix', mix, suppliesOf({ bottles, materials }))];
      const all = await this.store.all(transaction);
      const twin = all.find(({ mix: other }) => other.number === mix.number && other.id !== id);
      if (twin)
        faults.push({
          path: 'mix.number',
          value: String(mix.number),
          allowed: `a number that no other mix has; “${twin.mix.name}” has it`,
        });
      if (faults.length > 0) throw new FaultsException(faults);
      const before = all.find((other) => other.mix.id === id);
      if (!before && sentVersion > 0) throw notFound('mix', id);
      if (before && cameThrough({ version: before.version, thing: before.mix }, sentVersion, mix)) return before;
      if (before && before.version !== sentVersion) throw new StaleWriteException(`Mix '${before.mix.name}'`, sentVersion, before);
      await this.store.write(mix, sentVersion + 1, transaction);
      return { version: sentVersion + 1, mix };
    });
  }

  /** Steps that used the mix keep their material, colour and dilution. */
  async remove(id: string): Promise<void> {
    await this.writes.transaction(async (transaction) => {
      const found = await this.store.byId(id, transaction);
      if (!found) throw notFound('mix', id);
      const steps = await this.store.stepsWith(id, transaction);
      await this.bin.keep('mix', found.mix, { thing: found.mix, steps, mixes: [] }, transaction);
      await this.store.remove(id, transaction);
    });
  }
}
