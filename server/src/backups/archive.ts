import { createReadStream, existsSync } from 'node:fs';
import { copyFile, lstat, mkdir, mkdtemp, readFile, readdir, rm, statfs, writeFile } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import { create, extract, list, type ReadEntry } from 'tar';
import { DataPlaces } from '../data/data-places.js';
import { WORK_FOLDER } from '../data/sweep.js';
import { PART, wholeFile } from '../data/whole-file.js';
import { Connection } from '../database/connection.js';
import { isCalled, wordsOf } from '../database/sqlite-code.js';
import { problemIn } from '../database/soundness.js';
import { FaultsException } from '../validation/faults.js';
import { isFileName } from '../validation/rules.js';

/**
 * A backup is one gzipped tar file that any archiver opens: `backup.json` says what it is, `workshop.sqlite` is the
 * database, `pictures/` holds the photographs.
 */
const FORMAT = 'eveningtide-backup';
const VERSION = 1;
const DATABASE = 'workshop.sqlite';
const PICTURES = 'pictures';
const ABOUT = 'backup.json';

/** Far above what a life of painting fills; a file of zeros packs to nothing and would fill the disk. */
const MOST_BYTES = { about: 64_000, database: 500_000_000, picture: 30_000_000 };
const MOST_ENTRIES = 100_000;
/** So much of the room that is free may be taken by what is unpacked. */
const SHARE_OF_DISK = 0.5;

const broken = (value: string): FaultsException =>
  new FaultsException([{ path: 'backup', value, allowed: 'a backup that Eveningtide made, whole' }]);

/** A folder beside the data for what is only under way; it goes when the work is done, or fails. */
export async function inWorkFolder<T>(places: DataPlaces, work: (folder: string) => Promise<T>): Promise<T> {
  await mkdir(dirname(places.databaseFile), { recursive: true });
  const folder = await mkdtemp(join(dirname(places.databaseFile), WORK_FOLDER));
  try {
    return await work(folder);
  } finally {
    await rm(folder, { recursive: true, force: true });
  }
}

/** What would be backed up is damaged: it must not take the place of sound backups. */
export class DamagedSourceError extends Error {
  constructor(problem: string) {
    super(`SQLITE_CORRUPT: ${problem}`);
  }
}

/** Writes a backup to a file; it bears its name only when it is whole. `madeAt` is an ISO time. @throws DamagedSourceError */
export async function writeArchive(places: DataPlaces, file: string, madeAt: string): Promise<void> {
  await inWorkFolder(places, async (folder) => {
    const connection = await Connection.open(places.databaseFile);
    try {
      const problem = await problemIn(connection);
      if (problem !== null) throw new DamagedSourceError(problem);
      // a consistent copy, whatever is written meanwhile
      await connection.run('VACUUM INTO ?', [join(folder, DATABASE)]);
    } finally {
      await connection.close();
    }
    await writeFile(join(folder, ABOUT), JSON.stringify({ format: FORMAT, version: VERSION, madeAt }));
    await mkdir(join(folder, PICTURES));
    if (existsSync(places.pictures))
      for (const name of await readdir(places.pictures))
        if (!name.endsWith(PART)) await copyFile(join(places.pictures, name), join(folder, PICTURES, name));
    await wholeFile(file, (part) => create({ gzip: true, cwd: folder, file: part, portable: true }, [ABOUT, DATABASE, PICTURES]));
  });
}

/** What a backup holds, unpacked and looked at. */
export interface Unpacked {
  databaseFile: string;
  pictures: string[];
}

/** How large an entry of a backup may be; null: it is none of ours and stays packed. Links and devices are none. */
function mostBytes({ path, type }: Pick<ReadEntry, 'path' | 'type'>): number | null {
  if (type !== 'File' && type !== 'OldFile') return null;
  if (path === ABOUT) return MOST_BYTES.about;
  if (path === DATABASE) return MOST_BYTES.database;
  const [folder, name, ...rest] = path.split('/');
  return folder === PICTURES && rest.length === 0 && isFileName(name) ? MOST_BYTES.picture : null;
}

/** Goes through the headers and stops at the first that asks for too much; nothing is written yet. */
async function mustBeModest(file: string, folder: string): Promise<void> {
  const { bavail, bsize } = await statfs(folder);
  let left = bavail * bsize * SHARE_OF_DISK;
  let entries = 0;
  let problem: string | null = null;
  const source = createReadStream(file);
  const reader = list({
    strict: true,
    onReadEntry: (entry) => {
      entries += 1;
      const most = mostBytes(entry);
      if (most !== null) left -= entry.size;
      if (most !== null && entry.size > most) problem ??= `${entry.path} of ${String(entry.size)} bytes`;
      else if (left < 0) problem ??= 'more than half of the room on the disk';
      else if (entries > MOST_ENTRIES) problem ??= `more than ${String(MOST_ENTRIES)} entries`;
      if (problem !== null) source.destroy(new Error(problem));
    },
  });
  await new Promise<void>((resolve, reject) => {
    source.on('error', reject);
    reader.on('error', reject);
    reader.on('end', resolve);
    source.pipe(reader);
  });
}

/** Unpacks a backup into a folder. @throws FaultsException when it is none, or not whole. */
export async function readArchive(file: string, folder: string): Promise<Unpacked> {
  try {
    await mustBeModest(file, folder);
    await extract({
      file,
      cwd: folder,
      strict: true,
      filter: (_path, entry) => 'path' in entry && mostBytes(entry) !== null,
    });
  } catch (error) {
    if (isCalled(error, 'ENOSPC')) throw error;
    throw broken(wordsOf(error));
  }
  const about = await aboutOf(join(folder, ABOUT));
  if (about?.format !== FORMAT) throw broken('no backup');
  if (!Number.isInteger(about.version) || about.version < 1) throw broken(`version ${String(about.version)}`);
  if (about.version > VERSION)
    throw new FaultsException([
      {
        path: 'backup.version',
        value: String(about.version),
        allowed: `${String(VERSION)}: it was made by a newer version of Eveningtide`,
      },
    ]);
  const databaseFile = join(folder, DATABASE);
  if (!existsSync(databaseFile)) throw broken('no database in it');
  return { databaseFile, pictures: await picturesIn(join(folder, PICTURES)) };
}

async function picturesIn(folder: string): Promise<string[]> {
  if (!existsSync(folder)) return [];
  const files: string[] = [];
  for (const name of await readdir(folder)) {
    const path = join(folder, name);
    if (isFileName(name) && (await lstat(path)).isFile()) files.push(path);
  }
  return files;
}

async function aboutOf(file: string): Promise<{ format: string; version: number } | null> {
  try {
    return JSON.parse(await readFile(file, 'utf8')) as { format: string; version: number };
  } catch {
    return null;
  }
}
