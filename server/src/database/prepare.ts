import { accessSync, constants, existsSync, mkdirSync } from 'node:fs';
import { dirname } from 'node:path';
import { Sequelize } from 'sequelize-typescript';
import { StartError } from '../start-error.js';
import { migrate } from './migrate.js';

/** The folder for the database, or the database in it, cannot be written. */
export class FolderError extends StartError {
  constructor(path: string, reason: string) {
    super(`${path} cannot be written (${reason}). Look at its rights, or choose another folder with EVENINGTIDE_DATA.`);
  }
}

const reasonOf = (error: unknown): string => (error instanceof Error && 'code' in error ? String(error.code) : 'unknown');

/** Makes the folder for a database. @throws FolderError where it, or what lies in it, cannot be written. */
export function prepareFolder(databaseFile: string): void {
  const folder = dirname(databaseFile);
  try {
    mkdirSync(folder, { recursive: true });
    accessSync(folder, constants.W_OK);
  } catch (error) {
    throw new FolderError(`The folder ${folder}`, reasonOf(error));
  }
  for (const file of [databaseFile, `${databaseFile}-wal`, `${databaseFile}-shm`])
    try {
      if (existsSync(file)) accessSync(file, constants.R_OK | constants.W_OK);
    } catch (error) {
      throw new FolderError(`The file ${file}`, reasonOf(error));
    }
}

/** Makes the folder, opens the database in WAL mode, brings it up to date and closes it again. */
export async function prepareDatabase(file: string): Promise<void> {
  prepareFolder(file);
  const sequelize = new Sequelize({ dialect: 'sqlite', storage: file, logging: false });
  try {
    await migrate(sequelize);
    await sequelize.query('PRAGMA journal_mode = WAL');
  } finally {
    await sequelize.close();
  }
}
