import type { Migration } from '../migration.js';

/** Screens on the network that were paired; of each only a hash of what it shows to come in. */
export const screens: Migration = {
  name: '007-screens',
  statements: [
    `CREATE TABLE screens (id TEXT PRIMARY KEY, name TEXT NOT NULL, tokenHash TEXT NOT NULL UNIQUE, pairedAt TEXT NOT NULL, seenAt TEXT NOT NULL)`,
  ],
};
