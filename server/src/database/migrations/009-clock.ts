import type { Migration } from '../migration.js';
import { stepsGet } from './steps-in-json.js';

/** A step may say that it goes into what is wet on purpose, and for which place it is. */
export const clock: Migration = {
  name: '009-clock',
  statements: [
    `ALTER TABLE steps ADD COLUMN intoWet BOOLEAN`,
    `ALTER TABLE steps ADD COLUMN place TEXT`,
    ...stepsGet({ intoWet: 'null', place: 'null' }),
  ],
};
