import type { CutList } from '@eveningtide/core/cutting';
import { Column, DataType, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { AS_IS } from '../database/row.js';
import { oneTable } from './table.js';

@Table({ ...AS_IS, tableName: 'cutlists' })
export class CutlistRow extends Model {
  @PrimaryKey @Column(DataType.STRING) declare id: string;
  @Column(DataType.INTEGER) declare version: number;
  @Column(DataType.INTEGER) declare position: number;
  @Column(DataType.STRING) declare name: string;
  @Column(DataType.REAL) declare scaleRatio: number;
  @Column(DataType.REAL) declare kerfMm: number;
  @Column(DataType.JSON) declare lines: object[];
  @Column(DataType.JSON) declare bin: object | null;
  @Column(DataType.STRING) declare note: string;
  @Column(DataType.STRING) declare cutOn: string | null;
}

export const cutlistTable = oneTable<CutList>(CutlistRow);
