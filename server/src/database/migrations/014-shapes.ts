import type { Migration } from '../migration.js';
import { stepsGet } from './steps-in-json.js';

/**
 * Shapes of one's own are kept, and pieces may be drawn by themselves; a zone tells what place it is, what it stands for and how many things alike it is of. A step
 * may say how much it takes, a load which wagon it is for.
 */
export const shapes: Migration = {
  name: '014-shapes',
  statements: [
    `ALTER TABLE steps ADD COLUMN amountMl REAL`,
    ...stepsGet({ amountMl: 'null' }),
    `ALTER TABLE pieces ADD COLUMN shape JSON`,
    `ALTER TABLE pieces ADD COLUMN cleaned BOOLEAN NOT NULL DEFAULT 0`,
    `ALTER TABLE zones ADD COLUMN role TEXT NOT NULL DEFAULT ''`,
    // until now a zone was called by the id that its template gave it
    `UPDATE zones SET role = id`,
    `ALTER TABLE zones ADD COLUMN "of" TEXT`,
    `ALTER TABLE zones ADD COLUMN carries BOOLEAN`,
    `ALTER TABLE zones ADD COLUMN count INTEGER NOT NULL DEFAULT 1`,
    `ALTER TABLE loads ADD COLUMN wagonId TEXT`,
    `ALTER TABLE loads ADD COLUMN consist TEXT NOT NULL DEFAULT ''`,
    `CREATE TABLE shapes (
      id TEXT PRIMARY KEY, version INTEGER NOT NULL, position INTEGER NOT NULL, name TEXT NOT NULL, kind TEXT NOT NULL, scaleRatio REAL NOT NULL,
      sizeMm JSON NOT NULL, handled BOOLEAN NOT NULL, parts JSON NOT NULL, zones JSON NOT NULL, features JSON NOT NULL, checks JSON NOT NULL,
      shape JSON NOT NULL
    )`,
  ],
};
