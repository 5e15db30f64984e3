import type { Migration } from '../migration.js';

/** Own materials, a workshop that can be described, sizes, archive, trials, steps for some of a batch, pictures' measures. */
export const firmGround: Migration = {
  name: '002-firm-ground',
  statements: [
    `CREATE TABLE materials (
      id TEXT PRIMARY KEY, version INTEGER NOT NULL, position INTEGER NOT NULL, name TEXT NOT NULL, "like" TEXT NOT NULL, colour TEXT,
      sheenGu REAL, volumeSolidsPct REAL, dryingFactor REAL CHECK (dryingFactor > 0), minFilmC REAL, lifeMonths REAL,
      driesLighter INTEGER, testFirst INTEGER, note TEXT NOT NULL
    )`,
    `ALTER TABLE bottles ADD COLUMN triedOn TEXT`,
    `ALTER TABLE pieces ADD COLUMN sizeMm JSON`,
    `ALTER TABLE pieces ADD COLUMN archivedOn TEXT`,
    `ALTER TABLE steps ADD COLUMN members JSON`,
    `ALTER TABLE pictures ADD COLUMN takenOn TEXT`,
    `ALTER TABLE pictures ADD COLUMN widthPx INTEGER NOT NULL DEFAULT 0`,
    `ALTER TABLE pictures ADD COLUMN heightPx INTEGER NOT NULL DEFAULT 0`,
    `ALTER TABLE drying_places ADD COLUMN models INTEGER NOT NULL DEFAULT 4`,
    `ALTER TABLE workshop ADD COLUMN daylightBy TEXT NOT NULL DEFAULT 'typed'`,
    `ALTER TABLE workshop ADD COLUMN latitudeDeg REAL NOT NULL DEFAULT 52`,
    `ALTER TABLE workshop ADD COLUMN noon TEXT NOT NULL DEFAULT '12:00'`,
    `ALTER TABLE workshop ADD COLUMN droppers JSON NOT NULL DEFAULT '{"water":20,"alcohol":40,"spirit":35,"hot":40}'`,
    `UPDATE workshop SET droppers = json_set(droppers, '$.water', dropsPerMl)`,
    `ALTER TABLE workshop DROP COLUMN dropsPerMl`,
    `ALTER TABLE workshop ADD COLUMN equipment JSON NOT NULL DEFAULT '{"airbrush":true,"boothModels":6,"benchModels":12}'`,
    `ALTER TABLE workshop ADD COLUMN room JSON NOT NULL DEFAULT '{"volumeM3":30,"airChangesPerH":1}'`,
    `ALTER TABLE workshop ADD COLUMN display JSON NOT NULL DEFAULT '{"units":"metric","dates":"words"}'`,
    `ALTER TABLE workshop ADD COLUMN schools JSON NOT NULL DEFAULT '{"fixingPowders":"fixer","base":"brush","sealing":"at-changes","shading":"enamel","drying":"stand","ground":"grey","order":"wash","glue":"soap","repeat":"photograph"}'`,
  ],
};
