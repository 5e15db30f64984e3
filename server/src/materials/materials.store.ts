import { Injectable } from '@nestjs/common';
import type { OwnMaterial } from '@eveningtide/core/materials';
import type { Transaction } from 'sequelize';
import { createAll } from '../database/create-all.js';
import { openRows, type Rows } from '../database/rows.js';
import { StaleWriteException, notFound } from '../http/errors.js';
import { cameThrough } from '../http/repeat.js';
import { MaterialRow } from '../database/models.js';

export interface StoredMaterial {
  version: number;
  material: OwnMaterial;
}

/** Reads and writes the painter's own materials. Callers give the transaction. */
@Injectable()
export class MaterialsStore {
  all(transaction?: Transaction): Promise<StoredMaterial[]> {
    return materialsIn(openRows(transaction));
  }

  async byId(id: string, transaction: Transaction): Promise<StoredMaterial | null> {
    const row = await MaterialRow.findByPk(id, { transaction });
    return row ? stored(row) : null;
  }

  async write(material: OwnMaterial, version: number, transaction: Transaction): Promise<void> {
    const before = await MaterialRow.findByPk(material.id, { transaction });
    if (before) {
      await before.update({ ...material, version }, { transaction });
      return;
    }
    const position = (Number(await MaterialRow.max('position', { transaction })) || 0) + 1;
    await MaterialRow.create({ ...material, version, position }, { transaction });
  }

  /** Saves one from the version it was read at. @throws StaleWriteException, NotFoundException */
  async save(material: OwnMaterial, sentVersion: number, transaction: Transaction): Promise<StoredMaterial> {
    const before = await this.byId(material.id, transaction);
    if (!before && sentVersion > 0) throw notFound('material', material.id);
    if (before && cameThrough({ version: before.version, thing: before.material }, sentVersion, material)) return before;
    if (before && before.version !== sentVersion) throw new StaleWriteException(`Material '${before.material.name}'`, sentVersion, before);
    await this.write(material, sentVersion + 1, transaction);
    return { version: sentVersion + 1, material };
  }

  async remove(id: string, transaction: Transaction): Promise<void> {
    await MaterialRow.destroy({ where: { id }, transaction });
  }

  /** Writes all there is, where nothing is. */
  async writeAll(materials: readonly OwnMaterial[], version: number, transaction: Transaction): Promise<void> {
    await createAll(
      MaterialRow,
      materials.map((material, position) => ({ ...material, version, position })),
      transaction,
    );
  }

  async removeAll(transaction: Transaction): Promise<void> {
    await MaterialRow.destroy({ where: {}, transaction });
  }
}

function stored(row: MaterialRow): StoredMaterial {
  const { version, position: _position, ...material } = row.get({ plain: true }) as OwnMaterial & { version: number; position: number };
  return { version, material };
}

export const materialsIn = async (rows: Rows): Promise<StoredMaterial[]> => (await rows(MaterialRow)).map(stored);
