import { copyFile, mkdir, mkdtemp, readFile, readdir, rename, rm, writeFile } from 'node:fs/promises';
import { existsSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { create, extract } from 'tar';
import { DataPlaces } from '../data/data-places.js';
import { FaultsException } from '../validation/faults.js';
import { Connection } from './connection.js';

/**
 * A backup is one gzipped tar file that any archiver opens: `backup.json` says what it is, `workshop.sqlite` is the
 * database, `pictures/` holds the photographs.
 */
const FORMAT = 'eveningtide-backup';
const VERSION = 1;
const DATABASE = 'workshop.sqlite';
const PICTURES = 'pictures';
const ABOUT = 'backup.json';

const broken = (value: string): FaultsException =>
  new FaultsException([{ path: 'backup', value, allowed: 'a backup that Eveningtide made, whole' }]);

/** A folder beside the data for what is only under way; it goes when the work is done, or fails. */
export async function inWorkFolder<T>(places: DataPlaces, work: (folder: string) => Promise<T>): Promise<T> {
  await mkdir(dirname(places.databaseFile), { recursive: true });
  const folder = await mkdtemp(join(dirname(places.databaseFile), '.eveningtide-work-'));
  try {
    return await work(folder);
  } finally {
    await rm(folder, { recursive: true, force: true });
  }
}

/** Writes a backup to a file; it bears its name only when it is whole. `madeAt` is an ISO time. */
export async function writeArchive(places: DataPlaces, file: string, madeAt: string): Promise<void> {
  await inWorkFolder(places, async (folder) => {
    const connection = await Connection.open(places.databaseFile);
    try {
      // a consistent copy, whatever is written meanwhile
      await connection.run('VACUUM INTO ?', [join(folder, DATABASE)]);
    } finally {
      await connection.close();
    }
    await writeFile(join(folder, ABOUT), JSON.stringify({ format: FORMAT, version: VERSION, madeAt }));
    await mkdir(join(folder, PICTURES));
    if (existsSync(places.pictures))
      for (const name of await readdir(places.pictures))
        if (!name.endsWith('.part')) await copyFile(join(places.pictures, name), join(folder, PICTURES, name));
    await mkdir(dirname(file), { recursive: true });
    await create({ gzip: true, cwd: folder, file: `${file}.part`, portable: true }, [ABOUT, DATABASE, PICTURES]);
    await rename(`${file}.part`, file);
  });
}

/** What a backup holds, unpacked and looked at. */
export interface Unpacked {
  databaseFile: string;
  pictures: string[];
}

/** Unpacks a backup into a folder. @throws FaultsException when it is none, or not whole. */
export async function readArchive(file: string, folder: string): Promise<Unpacked> {
  try {
    await extract({
      file,
      cwd: folder,
      strict: true,
      filter: (path) => /^(backup\.json|workshop\.sqlite|pictures(\/[\w-]+\.\w+)?\/?)$/.test(path),
    });
  } catch (error) {
    throw broken(error instanceof Error ? error.message : 'something else');
  }
  const about = await aboutOf(join(folder, ABOUT));
  if (about?.format !== FORMAT) throw broken('no backup');
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
  const pictures = existsSync(join(folder, PICTURES))
    ? (await readdir(join(folder, PICTURES))).map((name) => join(folder, PICTURES, name))
    : [];
  return { databaseFile, pictures };
}

async function aboutOf(file: string): Promise<{ format: string; version: number } | null> {
  try {
    return JSON.parse(await readFile(file, 'utf8')) as { format: string; version: number };
  } catch {
    return null;
  }
}
