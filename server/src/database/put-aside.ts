import { fileStamp } from '../clock.js';
import { existsSync } from 'node:fs';
import { rename } from 'node:fs/promises';
import { basename, dirname, join } from 'node:path';

/** Gives a damaged database, with what SQLite keeps beside it, another name. Answers the name. */
export async function putAside(databaseFile: string): Promise<string> {
  const kept = join(dirname(databaseFile), `${basename(databaseFile, '.sqlite')}-damaged-${fileStamp()}.sqlite`);
  for (const end of ['', '-wal', '-shm']) if (existsSync(databaseFile + end)) await rename(databaseFile + end, kept + end);
  return kept;
}
