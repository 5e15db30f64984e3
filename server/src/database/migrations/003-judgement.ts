import type { Migration } from '../migration.js';

/** Finishes, wishes, waivers, settings of rules, colours that zones came in, and how alike a batch should be. */
export const judgement: Migration = {
  name: '003-judgement',
  statements: [
    `CREATE TABLE finishes (
      id TEXT PRIMARY KEY, version INTEGER NOT NULL, position INTEGER NOT NULL, name TEXT NOT NULL, versions JSON NOT NULL
    )`,
    `ALTER TABLE pieces ADD COLUMN likeness TEXT NOT NULL DEFAULT 'own'`,
    `ALTER TABLE pieces ADD COLUMN varySeed INTEGER`,
    `ALTER TABLE pieces ADD COLUMN finish JSON`,
    `ALTER TABLE pieces ADD COLUMN intent JSON`,
    `ALTER TABLE pieces ADD COLUMN waivers JSON NOT NULL DEFAULT '[]'`,
    `ALTER TABLE zones ADD COLUMN startColour TEXT`,
    `ALTER TABLE steps ADD COLUMN fromWish TEXT`,
    `ALTER TABLE workshop ADD COLUMN rules JSON NOT NULL DEFAULT '[]'`,
  ],
};
