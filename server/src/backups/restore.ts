import { existsSync } from 'node:fs';
import { copyFile, mkdir, rename } from 'node:fs/promises';
import { basename, join } from 'node:path';
import { DataPlaces } from '../data/data-places.js';
import { NewerDatabaseError } from '../database/migrate.js';
import { prepareDatabase } from '../database/prepare.js';
import { FaultsException } from '../validation/faults.js';
import { inWorkFolder, readArchive } from './archive.js';
import { Connection } from './connection.js';

/** Tables with versions for optimistic locking. */
const VERSIONED = ['workshop', 'materials', 'bottles', 'mixes', 'finishes', 'pieces', 'log_entries'];
/** Umzug's own list: the unpacked copy was brought up to date before. Screens: one that was sent away must not come back with a backup. */
const NOT_COPIED = new Set(['migrations', 'sqlite_sequence', 'screens']);

/**
 * Puts everything back as a backup has it: pictures first, which harm nothing, then the whole database in one
 * transaction. A crash at any moment leaves either what was, or what the backup holds.
 * @throws FaultsException when the backup is broken or newer; nothing has been changed then.
 */
export async function restoreArchive(places: DataPlaces, file: string): Promise<void> {
  await inWorkFolder(places, async (folder) => {
    const { databaseFile, pictures } = await readArchive(file, folder);
    await checked(databaseFile);
    await mkdir(places.pictures, { recursive: true });
    for (const picture of pictures) await copyIfNew(picture, join(places.pictures, basename(picture)));
    await copyTables(places.databaseFile, databaseFile);
  });
}

/** The unpacked database is whole, and of this version. */
async function checked(databaseFile: string): Promise<void> {
  try {
    const connection = await Connection.open(databaseFile);
    try {
      const [row] = await connection.all<{ integrity_check: string }>('PRAGMA integrity_check');
      if (row?.integrity_check !== 'ok') throw new Error(row?.integrity_check ?? 'unreadable');
    } finally {
      await connection.close();
    }
    await prepareDatabase(databaseFile);
  } catch (error) {
    const allowed = error instanceof NewerDatabaseError ? 'a backup of this version or an older one' : 'a backup whose database is whole';
    throw new FaultsException([{ path: 'backup.database', value: error instanceof Error ? error.message : 'unreadable', allowed }]);
  }
}

async function copyIfNew(from: string, to: string): Promise<void> {
  // the same name is the same picture
  if (existsSync(to)) return;
  await copyFile(from, `${to}.part`);
  await rename(`${to}.part`, to);
}

async function copyTables(into: string, from: string): Promise<void> {
  const connection = await Connection.open(into);
  try {
    await connection.run('PRAGMA foreign_keys = ON');
    await connection.run('ATTACH ? AS backup', [from]);
    const tables = (await connection.all<{ name: string }>(`SELECT name FROM main.sqlite_master WHERE type = 'table'`))
      .map(({ name }) => name)
      .filter((name) => !NOT_COPIED.has(name));
    await connection.run('BEGIN IMMEDIATE');
    try {
      // what points to what is checked at the end, so the order of the tables does not matter
      await connection.run('PRAGMA defer_foreign_keys = ON');
      const newest = await newestVersion(connection);
      for (const table of tables) await connection.run(`DELETE FROM main."${table}"`);
      for (const table of tables) {
        const columns = (await connection.all<{ name: string }>(`SELECT name FROM pragma_table_info(?)`, [table])).map(
          ({ name }) => `"${name}"`,
        );
        const list = columns.join(', ');
        await connection.run(`INSERT INTO main."${table}" (${list}) SELECT ${list} FROM backup."${table}"`);
      }
      // an open tab must notice that all has changed under it
      for (const table of VERSIONED) await connection.run(`UPDATE main."${table}" SET version = version + ?`, [newest]);
      await connection.run('COMMIT');
    } catch (error) {
      await connection.run('ROLLBACK');
      throw error;
    }
    await connection.run('DETACH backup');
  } finally {
    await connection.close();
  }
}

async function newestVersion(connection: Connection): Promise<number> {
  let newest = 0;
  for (const table of VERSIONED) {
    const [row] = await connection.all<{ newest: number | null }>(`SELECT MAX(version) AS newest FROM main."${table}"`);
    newest = Math.max(newest, row?.newest ?? 0);
  }
  return newest;
}
