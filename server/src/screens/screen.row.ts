import { Column, DataType, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { AS_IS } from '../database/row.js';

@Table({ ...AS_IS, tableName: 'screens' })
export class ScreenRow extends Model {
  @PrimaryKey @Column(DataType.STRING) declare id: string;
  @Column(DataType.STRING) declare name: string;
  @Column(DataType.STRING) declare tokenHash: string;
  /** ISO 8601, UTC. */
  @Column(DataType.STRING) declare pairedAt: string;
  @Column(DataType.STRING) declare seenAt: string;
}
