import { Column, DataType, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { AS_IS } from '../database/row.js';

@Table({ ...AS_IS, tableName: 'devices' })
export class DeviceRow extends Model {
  @PrimaryKey @Column(DataType.STRING) declare id: string;
  @Column(DataType.BOOLEAN) declare isOn: boolean;
}

@Table({ ...AS_IS, tableName: 'air_readings' })
export class AirReadingRow extends Model {
  @PrimaryKey @Column(DataType.STRING) declare at: string;
  @Column(DataType.REAL) declare tempC: number;
  @Column(DataType.REAL) declare rhPct: number;
}
