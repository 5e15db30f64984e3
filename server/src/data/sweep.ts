import { existsSync, readdirSync, rmSync } from 'node:fs';
import { dirname, join } from 'node:path';
import type { DataPlaces } from './data-places.js';
import { PART } from './whole-file.js';

/** Folders for what is under way begin so. */
export const WORK_FOLDER = '.eveningtide-work-';

/** Takes away what a crash or a full disk left half done. Nobody else works on these data: the lock is held. */
export function sweep({ databaseFile, pictures, backups }: DataPlaces): void {
  const remove = (folder: string, isLeft: (name: string) => boolean): void => {
    if (!existsSync(folder)) return;
    for (const name of readdirSync(folder)) if (isLeft(name)) rmSync(join(folder, name), { recursive: true, force: true });
  };
  remove(dirname(databaseFile), (name) => name.startsWith(WORK_FOLDER));
  for (const folder of [pictures, backups]) remove(folder, (name) => name.endsWith(PART));
}
