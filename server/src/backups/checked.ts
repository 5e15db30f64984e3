import { planFaults } from '@eveningtide/core/plan-file';
import { Connection } from '../database/connection.js';
import { MIGRATIONS, NewerDatabaseError } from '../database/migrate.js';
import { prepareDatabase } from '../database/prepare.js';
import { rowsOfFile } from '../database/rows.js';
import { isCalled, wordsOf } from '../database/sqlite-code.js';
import { problemIn } from '../database/soundness.js';
import { PlanFileDto } from '../plan-file/plan-file.dto.js';
import { planOfRows } from '../plan-file/plan-of-rows.js';
import { FaultsException, checkShape, refuseFaults } from '../validation/faults.js';

const refusal = (value: string, allowed = 'a backup whose database is whole'): FaultsException =>
  new FaultsException([{ path: 'backup.database', value, allowed }]);

async function withFile<T>(databaseFile: string, work: (connection: Connection) => Promise<T>): Promise<T> {
  const connection = await Connection.open(databaseFile);
  try {
    return await work(connection);
  } finally {
    await connection.close();
  }
}

/** It is a database of Eveningtide, SQLite finds nothing wrong, and no row points nowhere. */
async function mustBeOurs(connection: Connection): Promise<void> {
  const problem = await problemIn(connection);
  if (problem !== null) throw refusal(problem);
  const tables = await connection.all<{ name: string }>(`SELECT name FROM sqlite_master WHERE type = 'table'`);
  const first = MIGRATIONS[0]?.name ?? '';
  const isOurs =
    tables.some(({ name }) => name === 'migrations') &&
    (await connection.all('SELECT 1 FROM migrations WHERE name = ?', [first])).length > 0;
  if (!isOurs) throw refusal('no database of Eveningtide');
  const [dangling] = await connection.all<{ table: string; rowid: number; parent: string }>('PRAGMA foreign_key_check');
  if (dangling) throw refusal(`a row of ${dangling.table} that belongs to none of ${dangling.parent}`, 'rows that point to what is there');
}

/**
 * An unpacked database is what a backup should hold: whole, ours, brought up to this version, and all that stands in it passes the rules that a plan file
 * has to pass. @throws FaultsException
 */
export async function mustBeRestorable(databaseFile: string): Promise<void> {
  try {
    await withFile(databaseFile, mustBeOurs);
    await prepareDatabase(databaseFile);
    await withFile(databaseFile, async (connection) => {
      const plan = await planOfRows(rowsOfFile(connection));
      checkShape(PlanFileDto, plan);
      refuseFaults(planFaults(plan));
    });
  } catch (error) {
    if (error instanceof FaultsException) throw error;
    if (error instanceof NewerDatabaseError) throw refusal(error.message, 'a backup of this version or an older one');
    if (isCalled(error, 'SQLITE_FULL', 'ENOSPC')) throw error;
    throw refusal(wordsOf(error));
  }
}
