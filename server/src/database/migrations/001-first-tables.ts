import type { Migration } from '../migration.js';

/** Tables of the data model: docs/architecture.md says what each is for. Lists that are read whole are JSON. */
export const firstTables: Migration = {
  name: '001-first-tables',
  statements: [
    `CREATE TABLE workshop (
      id INTEGER PRIMARY KEY CHECK (id = 1),
      version INTEGER NOT NULL,
      eveningTempC REAL NOT NULL, eveningRhPct REAL NOT NULL,
      nightTempC REAL NOT NULL, nightRhPct REAL NOT NULL,
      daylightStart TEXT NOT NULL, daylightEnd TEXT NOT NULL,
      careful INTEGER NOT NULL, airbrushCleanMin REAL NOT NULL, dropsPerMl REAL NOT NULL
    )`,
    `CREATE TABLE weekly_evenings (position INTEGER PRIMARY KEY, weekday INTEGER NOT NULL CHECK (weekday BETWEEN 0 AND 6), start TEXT NOT NULL, end TEXT NOT NULL)`,
    `CREATE TABLE single_dates (position INTEGER PRIMARY KEY, date TEXT NOT NULL, start TEXT, end TEXT)`,
    `CREATE TABLE drying_places (position INTEGER NOT NULL, id TEXT PRIMARY KEY, name TEXT NOT NULL, tempC REAL NOT NULL, rhPct REAL NOT NULL)`,
    `CREATE TABLE bottles (
      id TEXT PRIMARY KEY, version INTEGER NOT NULL, position INTEGER NOT NULL, name TEXT NOT NULL, material TEXT NOT NULL, colour TEXT NOT NULL,
      sizeMl REAL, leftMl REAL, openedOn TEXT, place TEXT NOT NULL, note TEXT NOT NULL
    )`,
    `CREATE TABLE pieces (
      id TEXT PRIMARY KEY, version INTEGER NOT NULL, position INTEGER NOT NULL, name TEXT NOT NULL, kind TEXT NOT NULL, template TEXT NOT NULL,
      scaleRatio REAL NOT NULL CHECK (scaleRatio > 0), handled INTEGER NOT NULL, sheenWanted TEXT NOT NULL, doneBy TEXT, note TEXT NOT NULL,
      deletedAt TEXT
    )`,
    child('parts', `name TEXT NOT NULL, removable INTEGER NOT NULL`),
    child(
      'zones',
      `partId TEXT NOT NULL, name TEXT NOT NULL, substrate TEXT NOT NULL, startSheen TEXT NOT NULL, areaMm2 REAL NOT NULL CHECK (areaMm2 >= 0),
      down TEXT NOT NULL, relief JSON NOT NULL, seen TEXT NOT NULL, keepClean TEXT`,
      ['FOREIGN KEY (pieceId, partId) REFERENCES parts (pieceId, id) DEFERRABLE INITIALLY DEFERRED'],
    ),
    child('features', `zoneId TEXT NOT NULL, kind TEXT NOT NULL, label TEXT NOT NULL, xMm REAL NOT NULL, yMm REAL NOT NULL`, [
      'FOREIGN KEY (pieceId, zoneId) REFERENCES zones (pieceId, id) DEFERRABLE INITIALLY DEFERRED',
    ]),
    child('members', `label TEXT NOT NULL, differences JSON NOT NULL`),
    child('pictures', `fileName TEXT NOT NULL, caption TEXT NOT NULL, pins JSON NOT NULL`),
    child('checks', `"when" TEXT NOT NULL, text TEXT NOT NULL, done INTEGER NOT NULL`),
    child('step_groups', `name TEXT NOT NULL, rounds INTEGER NOT NULL CHECK (rounds BETWEEN 1 AND 3), gate TEXT NOT NULL`),
    child(
      'steps',
      `technique TEXT NOT NULL, material TEXT, bottleId TEXT REFERENCES bottles (id) ON DELETE SET NULL, zones JSON NOT NULL, dilution JSON,
      coats INTEGER NOT NULL CHECK (coats >= 1), coverPct REAL, strength REAL, tool TEXT, dryUm REAL, airPressureBar REAL, direction TEXT,
      source TEXT, allowance REAL, colour TEXT, drying TEXT NOT NULL, dryingPlace TEXT, handsOnMin REAL, waitMin REAL, pinnedAt TEXT,
      priority TEXT NOT NULL, groupId TEXT, gate TEXT, daylight INTEGER NOT NULL, note TEXT NOT NULL`,
      ['FOREIGN KEY (pieceId, groupId) REFERENCES step_groups (pieceId, id) DEFERRABLE INITIALLY DEFERRED'],
    ),
  ],
};

/** A table of things that belong to a piece, in order, with ids of their own within it. */
function child(table: string, columns: string, keys: string[] = []): string {
  return `CREATE TABLE ${table} (
    pieceId TEXT NOT NULL REFERENCES pieces (id) ON DELETE CASCADE, position INTEGER NOT NULL, id TEXT NOT NULL,
    ${[columns, 'PRIMARY KEY (pieceId, id)', ...keys].join(', ')}
  )`;
}
