import { Injectable } from '@nestjs/common';
import { isMaterialId } from '@eveningtide/core/materials';
import type { Bottle } from '@eveningtide/core/plan-file';
import { Sequelize } from 'sequelize-typescript';
import { StaleWriteException, notFound } from '../http/errors.js';
import { FaultsException } from '../validation/faults.js';
import { BottlesStore, type StoredBottle } from './bottles.store.js';

@Injectable()
export class BottlesService {
  constructor(
    private readonly sequelize: Sequelize,
    private readonly store: BottlesStore,
  ) {}

  all(): Promise<StoredBottle[]> {
    return this.store.all();
  }

  async save(id: string, sentVersion: number, bottle: Bottle): Promise<StoredBottle> {
    if (bottle.id !== id) throw new FaultsException([{ path: 'bottle.id', value: bottle.id, allowed: `the id in the address, ${id}` }]);
    if (!isMaterialId(bottle.material))
      throw new FaultsException([{ path: 'bottle.material', value: bottle.material, allowed: 'a material of the catalogue' }]);
    return this.sequelize.transaction(async (transaction) => {
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
