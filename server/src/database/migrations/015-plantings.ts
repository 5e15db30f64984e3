import type { Migration } from '../migration.js';

/** What grows on bases and faces. */
export const plantings: Migration = {
  name: '015-plantings',
  statements: [
    `CREATE TABLE plantings (
      id TEXT PRIMARY KEY, version INTEGER NOT NULL, position INTEGER NOT NULL, name TEXT NOT NULL, scaleRatio REAL NOT NULL, stance TEXT NOT NULL,
      lengthMm REAL NOT NULL, widthMm REAL NOT NULL, boards INTEGER, pieceId TEXT, zoneId TEXT, growths JSON NOT NULL, plants JSON NOT NULL,
      keepOffs JSON NOT NULL, seed INTEGER NOT NULL, moved JSON NOT NULL, note TEXT NOT NULL
    )`,
  ],
};
