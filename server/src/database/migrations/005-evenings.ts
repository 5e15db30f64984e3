import type { Migration } from '../migration.js';

/** What is wished for of evenings, and the plan that was kept. */
export const evenings: Migration = {
  name: '005-evenings',
  statements: [
    `ALTER TABLE workshop ADD COLUMN planning JSON NOT NULL
      DEFAULT '{"wishes":{"soonest":1,"fewest":3,"easy":0,"safe":0},"kept":null}'`,
  ],
};
