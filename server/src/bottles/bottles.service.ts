import { Injectable } from '@nestjs/common';
import { suppliesOf, type Bottle } from '@eveningtide/core/materials';
import { bottleFaults } from '@eveningtide/core/plan-file';
import { Sequelize } from 'sequelize-typescript';
import { StaleWriteException, notFound } from '../http/errors.js';
import { MaterialsStore } from '../materials/materials.store.js';
import { FaultsException } from '../validation/faults.js';
import { BottlesStore, type StoredBottle } from './bottles.store.js';

@Injectable()
export class BottlesService {
  constructor(
    private readonly sequelize: Sequelize,
    private readonly store: BottlesStore,
    private readonly materials: MaterialsStore,
  ) {}

  all(): Promise<StoredBottle[]> {
    return this.store.all();
  }

  async save(id: string, sentVersion: number, bottle: Bottle): Promise<StoredBottle> {
    if (bottle.id !== id) throw new FaultsException([{ path: 'bottle.id', value: bottle.id, allowed: `the id in the address, ${id}` }]);
    return this.sequelize.transaction(async (transaction) => {
      const materials = (await this.materials.all(transaction)).map(({ material }) => material);
      const faults = [...bottleFaults('bottle', bottle, suppliesOf({ bottles: [], materials }))];
      if (faults.length > 0) throw new FaultsException(faults);
      const before = await this.store.byId(id, transaction);
      if (!before && sentVersion > 0) throw notFound('bottle', id);
      if (before && before.version !== sentVersion) throw new StaleWriteException(`Bottle '${before.bottle.name}'`, sentVersion, before);
      await this.store.write(bottle, sentVersion + 1, transaction);
      return { version: sentVersion + 1, bottle };
    });
  }

  /** Steps that used the bottle keep their material and lose the bottle. */
  async remove(id: string): Promise<void> {
    const found = await this.sequelize.transaction((transaction) => this.store.remove(id, transaction));
    if (!found) throw notFound('bottle', id);
  }
}
