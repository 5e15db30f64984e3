import type { Migration } from '../migration.js';

/** Strips on the shelf, what is to be cut from them, and loads. */
export const loads: Migration = {
  name: '013-loads',
  statements: [
    `CREATE TABLE strips (
      id TEXT PRIMARY KEY, version INTEGER NOT NULL, position INTEGER NOT NULL, name TEXT NOT NULL,
      widthMm REAL NOT NULL, heightMm REAL NOT NULL, lengthMm REAL NOT NULL, have INTEGER NOT NULL, offcutsMm JSON NOT NULL
    )`,
    `CREATE TABLE cutlists (
      id TEXT PRIMARY KEY, version INTEGER NOT NULL, position INTEGER NOT NULL, name TEXT NOT NULL,
      scaleRatio REAL NOT NULL, kerfMm REAL NOT NULL, lines JSON NOT NULL, bin JSON, note TEXT NOT NULL, cutOn TEXT
    )`,
    `CREATE TABLE loads (
      id TEXT PRIMARY KEY, version INTEGER NOT NULL, position INTEGER NOT NULL, name TEXT NOT NULL, scaleRatio REAL NOT NULL, count INTEGER NOT NULL,
      lengthMm REAL NOT NULL, widthMm REAL NOT NULL, depthMm REAL NOT NULL, overMm REAL NOT NULL, profile TEXT NOT NULL,
      former TEXT NOT NULL, coverMm REAL NOT NULL, grains JSON NOT NULL, glueParts REAL NOT NULL, waterParts REAL NOT NULL,
      lifts BOOLEAN NOT NULL, leaks BOOLEAN NOT NULL, wagonMm REAL, wagonG REAL, note TEXT NOT NULL
    )`,
  ],
};
