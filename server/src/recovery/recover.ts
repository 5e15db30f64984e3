import { existsSync } from 'node:fs';
import { rename, rm, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { restoreArchive } from '../backups/restore.js';
import { fileStamp } from '../clock.js';
import type { DataPlaces } from '../data/data-places.js';
import { Sequelize } from 'sequelize-typescript';
import { MODELS } from '../tables/tables.js';
import { wordsOf } from '../database/sqlite-code.js';
import { prepareDatabase } from '../database/prepare.js';
import { putAside } from '../database/put-aside.js';
import { StartError } from '../start-error.js';
import { rescuedPlan } from './rescued-plan.js';

const WAYS = ['backup', 'export', 'empty'] as const;
/** What is done with a damaged database before the start. */
export type Recovery = (typeof WAYS)[number];

const FLAG = '--recover=';

/** `--recover=backup`, `--recover=export` or `--recover=empty`; null where none is asked for. @throws StartError for another word. */
export function recoveryFrom(args: readonly string[]): Recovery | null {
  const asked = args.find((arg) => arg.startsWith('--recover'));
  if (asked === undefined) return null;
  const way = WAYS.find((one) => asked === FLAG + one);
  if (!way) throw new StartError(`${asked} is not known; allowed: ${WAYS.map((one) => FLAG + one).join(', ')}.`);
  return way;
}

/** What could be read was written; there is nothing to serve. */
export class RescuedNotice extends StartError {}

/** Does with the database what was asked for; what was there is kept beside it. @throws StartError when it cannot be done */
export async function recover(places: DataPlaces, way: Recovery): Promise<void> {
  const { databaseFile } = places;
  // models tell of their columns only when they belong to a database; the server gives them another later
  new Sequelize({ dialect: 'sqlite', storage: ':memory:', models: MODELS, logging: false });
  if (way === 'export') {
    if (!existsSync(databaseFile)) throw new StartError(`There is no database ${databaseFile} to read.`);
    const { plan, lost } = await rescuedPlan(databaseFile);
    const file = databaseFile.replace(/\.sqlite$/, `-rescued-${fileStamp()}.eveningtide.json`);
    await writeFile(file, JSON.stringify(plan, null, 1), { flag: 'wx' });
    throw new RescuedNotice(
      `Written to ${file}: ${String(plan.pieces.length)} pieces, ${String(plan.bottles.length)} bottles, ${String(plan.log.length)} entries of the log. ` +
        `${lost === 0 ? 'Nothing was left out' : `${String(lost)} could not be read and were left out`}. Open it under Pieces, Plan file.`,
    );
  }
  if (way === 'empty') {
    if (existsSync(databaseFile)) console.log(`The database that was there is kept as ${await putAside(databaseFile)}`);
    return;
  }
  await fromNewestSound(places);
}

/** Tries one backup after the other, the newest first; what is not sound is told and left. */
async function fromNewestSound(places: DataPlaces): Promise<void> {
  const { databaseFile, backups } = places;
  for (const name of places.backupNames()) {
    const kept = existsSync(databaseFile) ? await putAside(databaseFile) : null;
    try {
      await prepareDatabase(databaseFile);
      const nothingIsOpen = { alone: <T>(work: () => Promise<T>) => work(), closeReads: () => Promise.resolve() };
      await restoreArchive(places, join(backups, name), nothingIsOpen);
      console.log(`Put back from ${name}${kept === null ? '' : `; what was there is kept as ${kept}`}`);
      return;
    } catch (error) {
      console.log(`${name} is not sound: ${wordsOf(error)}`);
      if (kept !== null) await takeBack(kept, databaseFile);
    }
  }
  throw new StartError(`No backup in ${backups} is sound. Nothing was changed.`);
}

async function takeBack(kept: string, databaseFile: string): Promise<void> {
  for (const end of ['', '-wal', '-shm']) {
    await rm(databaseFile + end, { force: true });
    if (existsSync(kept + end)) await rename(kept + end, databaseFile + end);
  }
}
