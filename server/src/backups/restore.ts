import { mkdir, readFile, rename, rm, writeFile } from 'node:fs/promises';
import { basename, join } from 'node:path';
import { DataPlaces } from '../data/data-places.js';
import { wholeFile } from '../data/whole-file.js';
import { Connection } from '../database/connection.js';
import { VERSIONED } from '../tables/tables.js';
import { putAside } from '../database/put-aside.js';
import { isDamage } from '../database/sqlite-code.js';
import { bearsItsName } from '../pictures/picture-name.js';
import { inWorkFolder, readArchive } from './archive.js';
import { mustBeRestorable } from './checked.js';

/** Tables with versions for optimistic locking. */
const versioned = (): string[] => VERSIONED.map((model) => model.getTableName() as string);
/** Umzug's own list: the unpacked copy was brought up to date before. Screens: one that was sent away must not come back with a backup. */
const NOT_COPIED = new Set(['migrations', 'sqlite_sequence', 'screens']);

/** What a restore needs of the server that runs; without one, nothing is open. */
export interface Around {
  /** Nobody writes while the work is done. */
  alone: <T>(work: () => Promise<T>) => Promise<T>;
  /** Lets go of the connection that reads share. */
  closeReads: () => Promise<void>;
}

/**
 * Puts everything back as a backup has it: pictures first, which harm nothing, then the whole database in one
 * transaction. A crash at any moment leaves either what was, or what the backup holds. Where the database that is open is damaged, a new file takes its
 * place and the damaged one is kept beside it.
 * @throws FaultsException when the backup is broken or newer; nothing has been changed then.
 */
export async function restoreArchive(places: DataPlaces, file: string, { alone, closeReads }: Around): Promise<void> {
  await inWorkFolder(places, async (folder) => {
    const { databaseFile, pictures } = await readArchive(file, folder);
    await mustBeRestorable(databaseFile);
    await mkdir(places.pictures, { recursive: true });
    for (const picture of pictures) await copyPicture(picture, join(places.pictures, basename(picture)));
    await alone(async () => {
      try {
        await copyTables(places.databaseFile, databaseFile);
      } catch (error) {
        if (!isDamage(error)) throw error;
        await closeReads();
        await changePlaces(places.databaseFile, databaseFile);
        // what was read meanwhile opened the damaged one again
        await closeReads();
      }
    });
  });
}

/** The same name is the same picture, unless what bears it was damaged: then it heals. Rights and owner are this machine's. */
async function copyPicture(from: string, to: string): Promise<void> {
  const data = await readFile(from);
  const there = await readFile(to).catch(() => null);
  if (there && (bearsItsName(to, there) || !bearsItsName(to, data))) return;
  await wholeFile(to, (part) => writeFile(part, data, { mode: 0o644 }));
}

async function changePlaces(databaseFile: string, restored: string): Promise<void> {
  const connection = await Connection.open(restored);
  try {
    // versions rise above all that an open tab may know; what they were cannot be read any more
    await raiseVersions(connection, Math.floor(Date.now() / 1000));
    await connection.run('PRAGMA journal_mode = DELETE');
  } finally {
    await connection.close();
  }
  await putAside(databaseFile);
  await rename(restored, databaseFile);
  for (const end of ['-wal', '-shm']) await rm(restored + end, { force: true });
}

const raiseVersions = async (connection: Connection, by: number): Promise<void> => {
  for (const table of versioned()) await connection.run(`UPDATE main."${table}" SET version = version + ?`, [by]);
};

async function copyTables(into: string, from: string): Promise<void> {
  const connection = await Connection.open(into);
  try {
    await connection.run('PRAGMA foreign_keys = ON');
    await connection.run('ATTACH ? AS backup', [from]);
    await mustBeAlike(connection);
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
      await raiseVersions(connection, newest);
      await mustBeWhole(connection);
      await connection.run('COMMIT');
    } catch (error) {
      // a full disk or a damaged page has ended the transaction already
      await connection.run('ROLLBACK').catch(() => undefined);
      throw error;
    }
    await connection.run('DETACH backup');
  } finally {
    await connection.close();
  }
}

/**
 * Both are of this version, so they have the same tables and columns. A damaged letter in the name of one is nothing that SQLite calls damage, and a column that the
 * backup has not would be filled with its own name.
 */
async function mustBeAlike(connection: Connection): Promise<void> {
  const shapeOf = async (schema: 'main' | 'backup'): Promise<string> =>
    JSON.stringify(
      await connection.all(
        `SELECT t.name AS "table", c.name AS "column", c.type FROM ${schema}.sqlite_master t JOIN pragma_table_info(t.name, '${schema}') c
         WHERE t.type = 'table' AND t.name NOT LIKE 'sqlite_%' ORDER BY 1, 2`,
      ),
    );
  if ((await shapeOf('main')) !== (await shapeOf('backup'))) throw new Error('SQLITE_CORRUPT: the tables are not those of this version');
}

/** What was emptied and filled again may still stand on damaged pages. */
async function mustBeWhole(connection: Connection): Promise<void> {
  const [row] = await connection.all<{ integrity_check: string }>('PRAGMA main.integrity_check(1)');
  if (row?.integrity_check !== 'ok') throw new Error(`SQLITE_CORRUPT: ${row?.integrity_check ?? 'unreadable'}`);
}

async function newestVersion(connection: Connection): Promise<number> {
  let newest = 0;
  for (const table of versioned()) {
    const [row] = await connection.all<{ newest: number | null }>(`SELECT MAX(version) AS newest FROM main."${table}"`);
    newest = Math.max(newest, row?.newest ?? 0);
  }
  return newest;
}
