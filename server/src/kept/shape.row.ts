import type { KeptShape } from '@eveningtide/core/subjects';
import { Column, DataType, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { AS_IS } from '../database/row.js';
import { oneTable } from './table.js';

@Table({ ...AS_IS, tableName: 'shapes' })
export class ShapeRow extends Model {
  @PrimaryKey @Column(DataType.STRING) declare id: string;
  @Column(DataType.INTEGER) declare version: number;
  @Column(DataType.INTEGER) declare position: number;
  @Column(DataType.STRING) declare name: string;
  @Column(DataType.STRING) declare kind: string;
  @Column(DataType.REAL) declare scaleRatio: number;
  @Column(DataType.JSON) declare sizeMm: object;
  @Column(DataType.BOOLEAN) declare handled: boolean;
  @Column(DataType.JSON) declare parts: object[];
  @Column(DataType.JSON) declare zones: object[];
  @Column(DataType.JSON) declare features: object[];
  @Column(DataType.JSON) declare checks: object[];
  @Column(DataType.JSON) declare shape: object;
}

export const shapeTable = oneTable<KeptShape>(ShapeRow);
