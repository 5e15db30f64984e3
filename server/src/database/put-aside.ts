import { existsSync } from 'node:fs';
import { rename } from 'node:fs/promises';
import { basename, dirname, join } from 'node:path';

/** Gives a damaged database, with what SQLite keeps beside it, another name. Answers the name. */
export async function putAside(databaseFile: string, at = new Date()): Promise<string> {
  const stamp = at.toISOString().slice(0, 19).replaceAll(':', '-');
  const kept = join(dirname(databaseFile), `${basename(databaseFile, '.sqlite')}-damaged-${stamp}.sqlite`);
  for (const end of ['', '-wal', '-shm']) if (existsSync(databaseFile + end)) await rename(databaseFile + end, kept + end);
  return kept;
}
