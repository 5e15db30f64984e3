import { createHash } from 'node:crypto';
import { basename } from 'node:path';

const DIGITS = 32;
const BY_CONTENT = /^([0-9a-f]{32})\./;

const digitsOf = (data: Buffer): string => createHash('sha256').update(data).digest('hex').slice(0, DIGITS);

/** A photograph is named by its content: the same picture has the same name. */
export const nameOfPicture = (data: Buffer): string => `${digitsOf(data)}.jpg`;

/** What stands under a name is what was stored there; a name that tells nothing of its content is believed. */
export function bearsItsName(file: string, data: Buffer): boolean {
  const digits = BY_CONTENT.exec(basename(file))?.[1];
  return digits === undefined || digits === digitsOf(data);
}
