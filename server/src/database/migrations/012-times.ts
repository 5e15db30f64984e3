import type { Migration } from '../migration.js';

/** How clock times are shown, and what weeks begin with: as until now until it is said otherwise. */
export const times: Migration = {
  name: '012-times',
  statements: [`UPDATE workshop SET display = json_set(display, '$.clock', '24', '$.weekFrom', 0)`],
};
