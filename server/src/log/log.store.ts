import { Injectable } from '@nestjs/common';
import type { LogEntry } from '@eveningtide/core/log';
import type { Transaction } from 'sequelize';
import { jsonRows } from '../database/json-rows.js';
import { Reader } from '../database/reader.js';
import { createAll } from '../database/create-all.js';
import { openRows, type Rows } from '../database/rows.js';
import { LogEntryRow } from '../database/models.js';

export interface StoredEntry {
  version: number;
  entry: LogEntry;
}

const ORDER = ['startedAt', 'id'];

/** Reads and writes the log. Callers give the transaction. */
@Injectable()
export class LogStore {
  constructor(private readonly reader: Reader) {}

  all(transaction?: Transaction): Promise<StoredEntry[]> {
    return logIn(openRows(transaction));
  }

  /** All entries as the JSON of `StoredEntry[]`. */
  async allAsJson(): Promise<string> {
    const rows = await this.reader.read((connection) =>
      jsonRows(connection, LogEntryRow, { order: ORDER, raw: ['version'], missing: ['utcOffsetMin'] }),
    );
    return `[${rows.map(({ raw, members }) => `{"version":${String(raw.version)},"entry":{${members}}}`).join(',')}]`;
  }

  async byId(id: string, transaction: Transaction): Promise<StoredEntry | null> {
    const row = await LogEntryRow.findByPk(id, { transaction });
    return row ? stored(row) : null;
  }

  /** Who has written this sitting already; null where no one has. */
  async workOn({ pieceId, stepId, sitting }: LogEntry, transaction: Transaction): Promise<StoredEntry | null> {
    const row = await LogEntryRow.findOne({ where: { kind: 'work', pieceId, stepId, sitting }, transaction });
    return row ? stored(row) : null;
  }

  async write(entry: LogEntry, version: number, transaction: Transaction): Promise<void> {
    await LogEntryRow.upsert({ utcOffsetMin: null, ...entry, version }, { transaction });
  }

  async remove(id: string, transaction: Transaction): Promise<boolean> {
    return (await LogEntryRow.destroy({ where: { id }, transaction })) > 0;
  }

  /** Writes all there is, where nothing is. */
  async writeAll(log: readonly LogEntry[], version: number, transaction: Transaction): Promise<void> {
    await createAll(
      LogEntryRow,
      log.map((entry) => ({ utcOffsetMin: null, ...entry, version })),
      transaction,
    );
  }

  async removeAll(transaction: Transaction): Promise<void> {
    await LogEntryRow.destroy({ where: {}, transaction });
  }
}

type Columns = Omit<LogEntry, 'utcOffsetMin'> & { version: number; utcOffsetMin: number | null };

function stored(row: LogEntryRow): StoredEntry {
  const { version, utcOffsetMin, ...entry } = row.get({ plain: true }) as Columns;
  return { version, entry: utcOffsetMin === null ? entry : { ...entry, utcOffsetMin } };
}

export const logIn = async (rows: Rows): Promise<StoredEntry[]> => (await rows(LogEntryRow, ORDER)).map(stored);
