import type { Migration } from '../migration.js';

const FIRST = '1950-01-01';
const LAST = '2099-12-31';

/** Days that no plan can reckon with were taken once: what hangs on one is taken for not said. */
const outOfReach = (table: string, column: string): string =>
  `UPDATE ${table} SET ${column} = NULL WHERE ${column} IS NOT NULL AND (substr(${column}, 1, 10) < '${FIRST}' OR substr(${column}, 1, 10) > '${LAST}')`;

/** The clock an entry stands on, what was deleted and may come back, and no days beyond sense. */
export const firmUnderFoot: Migration = {
  name: '008-firm-under-foot',
  statements: [
    `ALTER TABLE log_entries ADD COLUMN utcOffsetMin INTEGER`,
    `CREATE TABLE bin (kind TEXT NOT NULL, id TEXT NOT NULL, name TEXT NOT NULL, content JSON NOT NULL, deletedAt TEXT NOT NULL, PRIMARY KEY (kind, id))`,
    outOfReach('pieces', 'doneBy'),
    outOfReach('pieces', 'archivedOn'),
    outOfReach('steps', 'pinnedAt'),
    outOfReach('pictures', 'takenOn'),
    outOfReach('bottles', 'openedOn'),
    outOfReach('bottles', 'triedOn'),
    outOfReach('mixes', 'madeOn'),
    // places that were taken out while a piece that was put aside still named them
    `UPDATE steps SET dryingPlace = NULL WHERE dryingPlace NOT IN (SELECT id FROM drying_places)`,
    `DELETE FROM single_dates WHERE date < '${FIRST}' OR date > '${LAST}'`,
  ],
};
