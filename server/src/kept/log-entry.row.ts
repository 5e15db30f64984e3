import type { LogEntry } from '@eveningtide/core/log';
import { Column, DataType, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { AS_IS } from '../database/row.js';
import { oneTable } from './table.js';

@Table({ ...AS_IS, tableName: 'log_entries' })
export class LogEntryRow extends Model {
  @PrimaryKey @Column(DataType.STRING) declare id: string;
  @Column(DataType.INTEGER) declare version: number;
  @Column(DataType.STRING) declare kind: string;
  @Column(DataType.STRING) declare pieceId: string;
  @Column(DataType.STRING) declare stepId: string | null;
  @Column(DataType.INTEGER) declare sitting: number;
  @Column(DataType.JSON) declare part: object | null;
  @Column(DataType.JSON) declare step: object | null;
  @Column(DataType.STRING) declare startedAt: string;
  @Column(DataType.STRING) declare endedAt: string | null;
  @Column(DataType.INTEGER) declare utcOffsetMin: number | null;
  @Column(DataType.REAL) declare plannedMin: number | null;
  @Column(DataType.REAL) declare tookMin: number | null;
  @Column(DataType.JSON) declare air: object | null;
  @Column(DataType.STRING) declare airFrom: string;
  @Column(DataType.STRING) declare mix: string;
  @Column(DataType.JSON) declare marks: string[];
  @Column(DataType.STRING) declare note: string;
  @Column(DataType.JSON) declare met: object | null;
  @Column(DataType.JSON) declare dryTest: object | null;
  @Column(DataType.JSON) declare pictures: object[];
  @Column(DataType.STRING) declare setAside: string | null;
}

/** Oldest first; entries from before the clock was kept have no offset, and whole sittings no part. */
export const logTable = oneTable<LogEntry>(LogEntryRow, { order: ['startedAt', 'id'], missing: ['utcOffsetMin', 'part'] });
