import type { Migration } from '../migration.js';

/** Work may be put down in the middle and gone on with: an entry says what of its step was done. */
export const parts: Migration = {
  name: '010-parts',
  statements: [`ALTER TABLE log_entries ADD COLUMN part JSON`],
};
