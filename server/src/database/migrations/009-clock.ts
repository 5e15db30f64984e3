import type { Migration } from '../migration.js';

/** A step of before, as JSON: nothing was said of working into what is wet, nor of the place. */
const said = (step: string): string => `json_set(${step}, '$.intoWet', json('null'), '$.place', json('null'))`;
/** All steps of a list within some JSON. */
const allSaid = (of: string, path: string): string =>
  `json((SELECT json_group_array(${said('s.value')}) FROM json_each(${of}, '${path}') s))`;
/** All versions of a finish. */
const versionsSaid = (of: string, path: string): string =>
  `json((SELECT json_group_array(json_set(v.value, '$.steps', ${allSaid('v.value', '$.steps')})) FROM json_each(${of}, '${path}') v))`;

/** A step may say that it goes into what is wet on purpose, and for which place it is. */
export const clock: Migration = {
  name: '009-clock',
  statements: [
    `ALTER TABLE steps ADD COLUMN intoWet BOOLEAN`,
    `ALTER TABLE steps ADD COLUMN place TEXT`,
    `UPDATE finishes SET versions = ${versionsSaid('versions', '$')}`,
    `UPDATE log_entries SET step = ${said('step')} WHERE step IS NOT NULL AND json_type(step) = 'object'`,
    `UPDATE bin SET content = json_set(content, '$.thing.versions', ${versionsSaid('content', '$.thing.versions')})
      WHERE json_type(content, '$.thing.versions') = 'array'`,
  ],
};
