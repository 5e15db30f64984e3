import { existsSync, statSync } from 'node:fs';
import type { DataPlaces } from '../data/data-places.js';
import { StartError } from '../start-error.js';
import { isDamage, wordsOf } from './sqlite-code.js';
import { Connection } from './connection.js';

/** The database cannot be read as it should. */
export class DamagedDatabaseError extends StartError {
  constructor(places: DataPlaces, problem: string) {
    const { databaseFile, backups } = places;
    const kept = places.backupNames();
    const [newest] = kept;
    super(
      [
        `The database ${databaseFile} is damaged (${problem}). Nothing was changed.`,
        newest === undefined
          ? `There is no backup in ${backups}.`
          : `Backups lie in ${backups}: ${String(kept.length)}, the newest ${newest}.`,
        'What can be done; the damaged file is kept beside the new one each time:',
        ...(newest === undefined ? [] : ['  npm start -- --recover=backup   puts back the newest backup that is sound, and starts']),
        '  npm start -- --recover=export   writes what can still be read into a plan file, and ends',
        '  npm start -- --recover=empty    starts empty',
      ].join('\n'),
    );
  }
}

/** What SQLite finds wrong with an open database; null: nothing. */
export async function problemIn(connection: Connection): Promise<string | null> {
  const rows = await connection.all<{ integrity_check: string }>('PRAGMA integrity_check(1)');
  const [found] = rows;
  if (!found) return 'it cannot be checked';
  return found.integrity_check === 'ok' ? null : found.integrity_check;
}

/** What is wrong with a database file; null: it is sound. An empty one is sound: it is about to be made. */
export async function problemOf(databaseFile: string): Promise<string | null> {
  try {
    const connection = await Connection.open(databaseFile);
    try {
      return await problemIn(connection);
    } finally {
      await connection.close();
    }
  } catch (error) {
    if (isDamage(error)) return wordsOf(error);
    throw error;
  }
}

/** @throws DamagedDatabaseError, before anything was changed. */
export async function mustBeSound(places: DataPlaces): Promise<void> {
  const { databaseFile } = places;
  if (!existsSync(databaseFile)) return;
  // a crash at the very first start leaves an empty file; with backups beside it, there was more
  const isEmptied = statSync(databaseFile).size === 0 && places.backupNames().length > 0;
  const problem = isEmptied ? 'the file is empty' : await problemOf(databaseFile);
  if (problem !== null) throw new DamagedDatabaseError(places, problem);
}
