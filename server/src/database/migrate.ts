import type { Sequelize } from 'sequelize-typescript';
import { SequelizeStorage, Umzug } from 'umzug';
import type { Migration } from './migration.js';
import { firstTables } from './migrations/001-first-tables.js';
import { firmGround } from './migrations/002-firm-ground.js';
import { judgement } from './migrations/003-judgement.js';
import { measures } from './migrations/004-measures.js';
import { evenings } from './migrations/005-evenings.js';
import { log } from './migrations/006-log.js';
import { screens } from './migrations/007-screens.js';
import { firmUnderFoot } from './migrations/008-firm-under-foot.js';
import { clock } from './migrations/009-clock.js';
import { bench } from './migrations/010-bench.js';
import { cans } from './migrations/011-cans.js';
import { times } from './migrations/012-times.js';
import { loads } from './migrations/013-loads.js';
import { shapes } from './migrations/014-shapes.js';
import { plantings } from './migrations/015-plantings.js';
import { sets } from './migrations/016-sets.js';
import { StartError } from '../start-error.js';

export const MIGRATIONS: readonly Migration[] = [
  firstTables,
  firmGround,
  judgement,
  measures,
  evenings,
  log,
  screens,
  firmUnderFoot,
  clock,
  bench,
  cans,
  times,
  loads,
  shapes,
  plantings,
  sets,
];

/** The database knows migrations that this program does not: it was written by a newer version. */
export class NewerDatabaseError extends StartError {
  constructor(names: readonly string[]) {
    super(
      `The database was made by a newer version of Eveningtide (it has ${names.join(', ')}). Nothing was changed. Start that version, or point EVENINGTIDE_DATA to another folder.`,
    );
  }
}

/** Brings the database up to date, each migration in a transaction of its own. @throws NewerDatabaseError before any change. */
export async function migrate(sequelize: Sequelize): Promise<void> {
  const umzug = new Umzug({
    migrations: MIGRATIONS.map(({ name, statements }) => ({
      name,
      up: () =>
        sequelize.transaction(async (transaction) => {
          for (const statement of statements) await sequelize.query(statement, { transaction });
        }),
    })),
    storage: new SequelizeStorage({ sequelize, tableName: 'migrations' }),
    logger: undefined,
  });
  const known = new Set(MIGRATIONS.map((migration) => migration.name));
  const newer = (await umzug.executed()).map(({ name }) => name).filter((name) => !known.has(name));
  const foreign = (await executedNames(sequelize)).filter((name) => !known.has(name));
  if (newer.length > 0 || foreign.length > 0) throw new NewerDatabaseError([...new Set([...newer, ...foreign])]);
  await umzug.up();
}

/** Umzug lists only migrations it knows; the table itself tells of newer ones. */
async function executedNames(sequelize: Sequelize): Promise<string[]> {
  const [rows] = await sequelize.query('SELECT name FROM migrations');
  return (rows as { name: string }[]).map((row) => row.name);
}
