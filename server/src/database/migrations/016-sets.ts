import type { Migration } from '../migration.js';

const inNoSet = (of: string, path: string): string =>
  `json((SELECT json_group_array(json_set(z.value, '$.sets', json('[]'))) FROM json_each(${of}, '${path}') z))`;

/** Zones may be put into groups, to be chosen together: those of pieces, of shapes that are kept, and of shapes that were deleted. */
export const sets: Migration = {
  name: '016-sets',
  statements: [
    `ALTER TABLE zones ADD COLUMN sets JSON NOT NULL DEFAULT '[]'`,
    `UPDATE shapes SET zones = ${inNoSet('zones', '$')}`,
    `UPDATE bin SET content = json_set(content, '$.thing.zones', ${inNoSet('content', '$.thing.zones')})
      WHERE json_type(content, '$.thing.zones') = 'array'`,
  ],
};
