import type { Migration } from '../migration.js';

/** Whether there are cans to spray with: until it is said otherwise there are. */
export const cans: Migration = {
  name: '011-cans',
  statements: [`UPDATE workshop SET equipment = json_set(equipment, '$.cans', json('true'))`],
};
