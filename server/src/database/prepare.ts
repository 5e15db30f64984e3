import { accessSync, constants, mkdirSync } from 'node:fs';
import { dirname } from 'node:path';
import { Sequelize } from 'sequelize-typescript';
import { migrate } from './migrate.js';

/** The folder for the database cannot be made or written. */
export class FolderError extends Error {
  constructor(folder: string, reason: string) {
    super(`The folder ${folder} cannot be written (${reason}). Choose another with EVENINGTIDE_DATA.`);
  }
}

/** Makes the folder, opens the database in WAL mode, brings it up to date and closes it again. */
export async function prepareDatabase(file: string): Promise<void> {
  const folder = dirname(file);
  try {
    mkdirSync(folder, { recursive: true });
    accessSync(folder, constants.W_OK);
  } catch (error) {
    throw new FolderError(folder, error instanceof Error && 'code' in error ? String(error.code) : 'unknown');
  }
  const sequelize = new Sequelize({ dialect: 'sqlite', storage: file, logging: false });
  try {
    await migrate(sequelize);
    await sequelize.query('PRAGMA journal_mode = WAL');
  } finally {
    await sequelize.close();
  }
}
