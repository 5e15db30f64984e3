import type { Migration } from '../migration.js';

/** Mixes, prices and swatches of bottles, and what the painter measures with. */
export const measures: Migration = {
  name: '004-measures',
  statements: [
    `CREATE TABLE mixes (
      id TEXT PRIMARY KEY, version INTEGER NOT NULL, position INTEGER NOT NULL, number INTEGER NOT NULL, name TEXT NOT NULL,
      components JSON NOT NULL, madeMl REAL, madeOn TEXT, colour TEXT, changes JSON NOT NULL, note TEXT NOT NULL
    )`,
    `ALTER TABLE bottles ADD COLUMN price REAL`,
    `ALTER TABLE bottles ADD COLUMN whiteSwatch JSON`,
    `ALTER TABLE bottles ADD COLUMN dropsPerMl REAL`,
    `ALTER TABLE steps ADD COLUMN mixId TEXT REFERENCES mixes(id) ON DELETE SET NULL`,
    `CREATE INDEX steps_mix ON steps (mixId)`,
    `ALTER TABLE workshop ADD COLUMN measuring JSON NOT NULL
      DEFAULT '{"syringeMl":0.1,"capMl":2,"spoonMl":0.6,"countBy":"drops","currency":""}'`,
  ],
};
