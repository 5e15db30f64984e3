import type { Load } from '@eveningtide/core/loads';
import { Column, DataType, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { AS_IS } from '../database/row.js';
import { oneTable } from './table.js';

@Table({ ...AS_IS, tableName: 'loads' })
export class LoadRow extends Model {
  @PrimaryKey @Column(DataType.STRING) declare id: string;
  @Column(DataType.INTEGER) declare version: number;
  @Column(DataType.INTEGER) declare position: number;
  @Column(DataType.STRING) declare name: string;
  @Column(DataType.REAL) declare scaleRatio: number;
  @Column(DataType.INTEGER) declare count: number;
  @Column(DataType.REAL) declare lengthMm: number;
  @Column(DataType.REAL) declare widthMm: number;
  @Column(DataType.REAL) declare depthMm: number;
  @Column(DataType.REAL) declare overMm: number;
  @Column(DataType.STRING) declare profile: string;
  @Column(DataType.STRING) declare former: string;
  @Column(DataType.REAL) declare coverMm: number;
  @Column(DataType.JSON) declare grains: object[];
  @Column(DataType.REAL) declare glueParts: number;
  @Column(DataType.REAL) declare waterParts: number;
  @Column(DataType.BOOLEAN) declare lifts: boolean;
  @Column(DataType.BOOLEAN) declare leaks: boolean;
  @Column(DataType.STRING) declare wagonId: string | null;
  @Column(DataType.STRING) declare consist: string;
  @Column(DataType.REAL) declare wagonMm: number | null;
  @Column(DataType.REAL) declare wagonG: number | null;
  @Column(DataType.STRING) declare note: string;
}

export const loadTable = oneTable<Load>(LoadRow);
