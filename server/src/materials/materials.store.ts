import { Injectable } from '@nestjs/common';
import type { OwnMaterial } from '@eveningtide/core/materials';
import type { Transaction } from 'sequelize';
import { MaterialRow } from '../database/models.js';

export interface StoredMaterial {
  version: number;
  material: OwnMaterial;
}

/** Reads and writes the painter's own materials. Callers give the transaction. */
@Injectable()
export class MaterialsStore {
  async all(transaction?: Transaction): Promise<StoredMaterial[]> {
    return (await MaterialRow.findAll({ order: [['position', 'ASC']], transaction: transaction ?? null })).map(stored);
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

  async remove(id: string, transaction: Transaction): Promise<void> {
    await MaterialRow.destroy({ where: { id }, transaction });
  }

  async removeAll(transaction: Transaction): Promise<void> {
    await MaterialRow.destroy({ where: {}, transaction });
  }
}

function stored(row: MaterialRow): StoredMaterial {
  const { version, position: _position, ...material } = row.get({ plain: true }) as OwnMaterial & { version: number; position: number };
  return { version, material };
}
