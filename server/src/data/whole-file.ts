import { randomUUID } from 'node:crypto';
import { mkdir, open, rename, rm } from 'node:fs/promises';
import { dirname } from 'node:path';

/** What ends so is half written, or was when the power went. */
export const PART = '.part';

/** A name of its own for what is under way, so that two who write the same file do not disturb each other. */
export const partOf = (file: string): string => `${file}.${randomUUID().slice(0, 8)}${PART}`;

/** Sees to it that a file, or what a folder lists, is on the disk and not only on its way there. */
export async function synced(path: string): Promise<void> {
  const handle = await open(path, 'r');
  try {
    await handle.sync();
  } finally {
    await handle.close();
  }
}

/** `write` fills a file that bears its name only when it is whole and on the disk; where that fails, nothing is left of it. */
export async function wholeFile(file: string, write: (part: string) => Promise<void>): Promise<void> {
  await mkdir(dirname(file), { recursive: true });
  const part = partOf(file);
  try {
    await write(part);
    await synced(part);
    await rename(part, file);
    await synced(dirname(file));
  } catch (error) {
    await rm(part, { force: true });
    throw error;
  }
}
