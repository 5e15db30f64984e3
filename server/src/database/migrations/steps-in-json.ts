/** Statements that give all steps that are kept as JSON more fields: of entries of the log, of finishes, and of finishes that were deleted. */
export function stepsGet(fields: Readonly<Record<string, string>>): string[] {
  const told = Object.entries(fields).flatMap(([field, json]) => [`'$.${field}'`, `json('${json}')`]);
  const step = (of: string): string => `json_set(${of}, ${told.join(', ')})`;
  const list = (of: string, path: string): string =>
    `json((SELECT json_group_array(${step('s.value')}) FROM json_each(${of}, '${path}') s))`;
  const versions = (of: string, path: string): string =>
    `json((SELECT json_group_array(json_set(v.value, '$.steps', ${list('v.value', '$.steps')})) FROM json_each(${of}, '${path}') v))`;
  return [
    `UPDATE finishes SET versions = ${versions('versions', '$')}`,
    `UPDATE log_entries SET step = ${step('step')} WHERE step IS NOT NULL AND json_type(step) = 'object'`,
    `UPDATE bin SET content = json_set(content, '$.thing.versions', ${versions('content', '$.thing.versions')})
      WHERE json_type(content, '$.thing.versions') = 'array'`,
  ];
}
