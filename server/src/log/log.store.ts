import { Injectable } from '@nestjs/common';
import type { LogEntry } from '@eveningtide/core/log';
import type { Transaction } from 'sequelize';
import { LogEntryRow } from '../database/models.js';

export interface StoredEntry {
  version: number;
  entry: LogEntry;
}

const ORDER: [string, string][] = [
  ['startedAt', 'ASC'],
  ['id', 'ASC'],
];

/** Reads and writes the log. Callers give the transaction. */
@Injectable()
export class LogStore {
  async all(transaction?: Transaction): Promise<StoredEntry[]> {
    return (await LogEntryRow.findAll({ order: ORDER, transaction: transaction ?? null })).map(stored);
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
    await LogEntryRow.upsert({ ...entry, version }, { transaction });
  }

  async remove(id: string, transaction: Transaction): Promise<boolean> {
    return (await LogEntryRow.destroy({ where: { id }, transaction })) > 0;
  }

  async removeAll(transaction: Transaction): Promise<void> {
    await LogEntryRow.destroy({ where: {}, transaction });
  }
}

function stored(row: LogEntryRow): StoredEntry {
  const { version, ...entry } = row.get({ plain: true }) as LogEntry & { version: number };
  return { version, entry };
}
