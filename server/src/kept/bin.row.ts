import { Column, DataType, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { AS_IS } from '../database/row.js';

/** What was deleted and may come back. */
@Table({ ...AS_IS, tableName: 'bin' })
export class BinRow extends Model {
  @PrimaryKey @Column(DataType.STRING) declare kind: string;
  @PrimaryKey @Column(DataType.STRING) declare id: string;
  @Column(DataType.STRING) declare name: string;
  @Column(DataType.JSON) declare content: object;
  @Column(DataType.STRING) declare deletedAt: string;
}
