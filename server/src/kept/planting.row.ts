import type { Planting } from '@eveningtide/core/planting';
import { Column, DataType, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { AS_IS } from '../database/row.js';
import { oneTable } from './table.js';

@Table({ ...AS_IS, tableName: 'plantings' })
export class PlantingRow extends Model {
  @PrimaryKey @Column(DataType.STRING) declare id: string;
  @Column(DataType.INTEGER) declare version: number;
  @Column(DataType.INTEGER) declare position: number;
  @Column(DataType.STRING) declare name: string;
  @Column(DataType.REAL) declare scaleRatio: number;
  @Column(DataType.STRING) declare stance: string;
  @Column(DataType.REAL) declare lengthMm: number;
  @Column(DataType.REAL) declare widthMm: number;
  @Column(DataType.INTEGER) declare boards: number | null;
  @Column(DataType.STRING) declare pieceId: string | null;
  @Column(DataType.STRING) declare zoneId: string | null;
  @Column(DataType.JSON) declare growths: object[];
  @Column(DataType.JSON) declare plants: object[];
  @Column(DataType.JSON) declare keepOffs: object[];
  @Column(DataType.INTEGER) declare seed: number;
  @Column(DataType.JSON) declare moved: object[];
  @Column(DataType.STRING) declare note: string;
}

export const plantingTable = oneTable<Planting>(PlantingRow);
