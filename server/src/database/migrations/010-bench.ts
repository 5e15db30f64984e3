import type { Migration } from '../migration.js';

/** Work may be put down in the middle and gone on with: an entry says what of its step was done. The bench has its brushes. */
export const bench: Migration = {
  name: '010-bench',
  statements: [
    `ALTER TABLE log_entries ADD COLUMN part JSON`,
    `UPDATE workshop SET equipment = json_set(equipment, '$.brushesMm', json('[3,6,12,25,50]'))`,
  ],
};
