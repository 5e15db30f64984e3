import type { Migration } from '../migration.js';

/** What was really done, whether the bench learns from it, and what its devices read. */
export const log: Migration = {
  name: '006-log',
  statements: [
    `CREATE TABLE log_entries (
      id TEXT PRIMARY KEY, version INTEGER NOT NULL, kind TEXT NOT NULL, pieceId TEXT NOT NULL REFERENCES pieces(id) ON DELETE CASCADE,
      stepId TEXT, sitting INTEGER NOT NULL, step JSON, startedAt TEXT NOT NULL, endedAt TEXT, plannedMin REAL, tookMin REAL, air JSON,
      airFrom TEXT NOT NULL, mix TEXT NOT NULL, marks JSON NOT NULL, note TEXT NOT NULL, met JSON, dryTest JSON, pictures JSON NOT NULL,
      setAside TEXT
    )`,
    `CREATE INDEX log_entries_piece ON log_entries (pieceId)`,
    `CREATE INDEX log_entries_time ON log_entries (startedAt)`,
    // one sitting is done once, whoever writes it
    `CREATE UNIQUE INDEX log_entries_sitting ON log_entries (pieceId, stepId, sitting) WHERE kind = 'work'`,
    `CREATE TABLE devices (id TEXT PRIMARY KEY, isOn INTEGER NOT NULL)`,
    `CREATE TABLE air_readings (at TEXT PRIMARY KEY, tempC REAL NOT NULL, rhPct REAL NOT NULL)`,
    `ALTER TABLE workshop ADD COLUMN learning JSON NOT NULL DEFAULT '{"minutes":true,"drying":true}'`,
  ],
};
