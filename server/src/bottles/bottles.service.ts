import { Injectable } from '@nestjs/common';
import { suppliesOf, type Bottle } from '@eveningtide/core/materials';
import { bottleFaults, materialFaults } from '@eveningtide/core/plan-file';
import { BinStore } from '../bin/bin.store.js';
import { Writes } from '../database/writes.js';
import { StaleWriteException, notFound } from '../http/errors.js';
import { cameThrough } from '../http/repeat.js';
import { MaterialsStore, type StoredMaterial } from '../materials/materials.store.js';
import { MixesStore } from '../mixes/mixes.store.js';
import { FaultsException, refuseFaults } from '../validation/faults.js';
import { BottlesStore, type StoredBottle } from './bottles.store.js';

@Injectable()
export class BottlesService {
  constructor(
    private readonly writes: Writes,
    private readonly store: BottlesStore,
    private readonly materials: MaterialsStore,
    private readonly mixes: MixesStore,
    private readonly bin: BinStore,
  ) {}

  all(): Promise<StoredBottle[]> {
    return this.store.all();
  }

  async save(id: string, sentVersion: number, bottle: Bottle): Promise<StoredBottle> {
    if (bottle.id !== id) throw new FaultsException([{ path: 'bottle.id', value: bottle.id, allowed: `the id in the address, ${id}` }]);
    const [saved] = await this.saveAll([{ version: sentVersion, bottle }], [], 'bottle');
    if (!saved) throw notFound('bottle', id);
    return saved;
  }

  /** Saves several bottles, and first what they are of: all of it, or nothing. Faults and stale versions name the thing. */
  async saveAll(sent: readonly StoredBottle[], sentMaterials: readonly StoredMaterial[], path?: string): Promise<StoredBottle[]> {
    return this.writes.transaction(async (transaction) => {
      for (const [i, { version, material }] of sentMaterials.entries()) {
        refuseFaults(materialFaults(`materials[${String(i)}].material`, material));
        await this.materials.save(material, version, transaction);
      }
      const materials = (await this.materials.all(transaction)).map(({ material }) => material);
      const supplies = suppliesOf({ bottles: [], materials });
      const faults = sent.flatMap(({ bottle }, i) => [...bottleFaults(path ?? `bottles[${String(i)}].bottle`, bottle, supplies)]);
      const twice = sent.findIndex(({ bottle }, i) => sent.findIndex((other) => other.bottle.id === bottle.id) < i);
      if (twice >= 0)
        faults.push({
          path: `bottles[${String(twice)}].bottle.id`,
          value: sent[twice]?.bottle.id ?? '',
          allowed: 'an id that occurs once',
        });
      if (faults.length > 0) throw new FaultsException(faults);
      const saved: StoredBottle[] = [];
      for (const { version, bottle } of sent) {
        const before = await this.store.byId(bottle.id, transaction);
        if (!before && version > 0) throw notFound('bottle', bottle.id);
        if (before && cameThrough({ version: before.version, thing: before.bottle }, version, bottle)) {
          saved.push(before);
          continue;
        }
        if (before && before.version !== version) throw new StaleWriteException(`Bottle '${before.bottle.name}'`, version, before);
        await this.store.write(bottle, version + 1, transaction);
        saved.push({ version: version + 1, bottle });
      }
      return saved;
    });
  }

  /** Steps that used the bottle keep their material and lose the bottle; for a while it can be brought back. */
  async remove(id: string): Promise<void> {
    await this.writes.transaction(async (transaction) => {
      const found = await this.store.byId(id, transaction);
      if (!found) throw notFound('bottle', id);
      const steps = await this.store.stepsWith(id, transaction);
      const mixes = await this.mixes.madeWith(id, transaction);
      await this.bin.keep('bottle', found.bottle, { thing: found.bottle, steps, mixes }, transaction);
      await this.mixes.forgetBottle(id, transaction);
      await this.store.remove(id, transaction);
    });
  }
}
