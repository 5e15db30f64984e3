import type { Strip } from '@eveningtide/core/cutting';
import { Column, DataType, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { AS_IS } from '../database/row.js';
import { oneTable } from './table.js';

@Table({ ...AS_IS, tableName: 'strips' })
export class StripRow extends Model {
  @PrimaryKey @Column(DataType.STRING) declare id: string;
  @Column(DataType.INTEGER) declare version: number;
  @Column(DataType.INTEGER) declare position: number;
  @Column(DataType.STRING) declare name: string;
  @Column(DataType.REAL) declare widthMm: number;
  @Column(DataType.REAL) declare heightMm: number;
  @Column(DataType.REAL) declare lengthMm: number;
  @Column(DataType.INTEGER) declare have: number;
  @Column(DataType.JSON) declare offcutsMm: number[];
}

export const stripTable = oneTable<Strip>(StripRow);
