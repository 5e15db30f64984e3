import type { Mix } from '@eveningtide/core/mixing';
import { Column, DataType, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { AS_IS } from '../database/row.js';
import { oneTable } from './table.js';

@Table({ ...AS_IS, tableName: 'mixes' })
export class MixRow extends Model {
  @PrimaryKey @Column(DataType.STRING) declare id: string;
  @Column(DataType.INTEGER) declare version: number;
  @Column(DataType.INTEGER) declare position: number;
  @Column(DataType.INTEGER) declare number: number;
  @Column(DataType.STRING) declare name: string;
  @Column(DataType.JSON) declare components: object[];
  @Column(DataType.REAL) declare madeMl: number | null;
  @Column(DataType.STRING) declare madeOn: string | null;
  @Column(DataType.STRING) declare colour: string | null;
  @Column(DataType.JSON) declare changes: object[];
  @Column(DataType.STRING) declare note: string;
}

export const mixTable = oneTable<Mix>(MixRow);
