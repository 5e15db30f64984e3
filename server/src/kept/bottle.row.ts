import type { Bottle } from '@eveningtide/core/materials';
import { Column, DataType, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { AS_IS } from '../database/row.js';
import { oneTable } from './table.js';

@Table({ ...AS_IS, tableName: 'bottles' })
export class BottleRow extends Model {
  @PrimaryKey @Column(DataType.STRING) declare id: string;
  @Column(DataType.INTEGER) declare version: number;
  @Column(DataType.INTEGER) declare position: number;
  @Column(DataType.STRING) declare name: string;
  @Column(DataType.STRING) declare material: string;
  @Column(DataType.STRING) declare colour: string;
  @Column(DataType.REAL) declare sizeMl: number | null;
  @Column(DataType.REAL) declare leftMl: number | null;
  @Column(DataType.STRING) declare openedOn: string | null;
  @Column(DataType.STRING) declare triedOn: string | null;
  @Column(DataType.STRING) declare place: string;
  @Column(DataType.STRING) declare note: string;
  @Column(DataType.REAL) declare price: number | null;
  @Column(DataType.JSON) declare whiteSwatch: object | null;
  @Column(DataType.REAL) declare dropsPerMl: number | null;
}

export const bottleTable = oneTable<Bottle>(BottleRow);
