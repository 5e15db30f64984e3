import type { OwnMaterial } from '@eveningtide/core/materials';
import { Column, DataType, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { AS_IS } from '../database/row.js';
import { oneTable } from './table.js';

@Table({ ...AS_IS, tableName: 'materials' })
export class MaterialRow extends Model {
  @PrimaryKey @Column(DataType.STRING) declare id: string;
  @Column(DataType.INTEGER) declare version: number;
  @Column(DataType.INTEGER) declare position: number;
  @Column(DataType.STRING) declare name: string;
  @Column(DataType.STRING) declare like: string;
  @Column(DataType.STRING) declare colour: string | null;
  @Column(DataType.REAL) declare sheenGu: number | null;
  @Column(DataType.REAL) declare volumeSolidsPct: number | null;
  @Column(DataType.REAL) declare dryingFactor: number | null;
  @Column(DataType.REAL) declare minFilmC: number | null;
  @Column(DataType.REAL) declare lifeMonths: number | null;
  @Column(DataType.BOOLEAN) declare driesLighter: boolean | null;
  @Column(DataType.BOOLEAN) declare testFirst: boolean | null;
  @Column(DataType.STRING) declare note: string;
}

export const materialTable = oneTable<OwnMaterial>(MaterialRow);
