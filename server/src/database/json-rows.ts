import { DataType, type ModelCtor } from 'sequelize-typescript';
import type { Connection } from './connection.js';
import { BY_POSITION, type Order } from './rows.js';

/** What a list answers is mostly JSON that lies in the database as it is sent: it is put together there and passed on as text, and no object is made of it. */
export interface JsonRow<Key extends string> {
  /** Columns that are wanted by themselves. */
  raw: Record<Key, string | number | null>;
  /** The other columns as the members of a JSON object, without its braces. */
  members: string;
}

/** SQL that gives a column's value as JSON. */
function valueOf(column: string, type: unknown): string {
  if (type instanceof DataType.JSON) return `coalesce(${column}, 'null')`;
  if (type instanceof DataType.BOOLEAN) return `CASE ${column} WHEN 1 THEN 'true' WHEN 0 THEN 'false' ELSE 'null' END`;
  // SQLite writes fewer digits than it takes to read the same number again
  return `CASE typeof(${column}) WHEN 'real' THEN printf('%!.17g', ${column}) ELSE json_quote(${column}) END`;
}

export interface JsonOptions<Key extends string> {
  order?: Order;
  /** Columns that are wanted by themselves and do not go into the JSON. */
  raw: readonly Key[];
  /** Further columns that do not go into the JSON. */
  left?: readonly string[];
  /** Columns that are left out where they are null. */
  missing?: readonly string[];
  /** Wanted by themselves as well as in the JSON. */
  both?: readonly Key[];
  /** SQL condition; it holds nothing that was sent. */
  where?: string;
}

/** The rows of a table, in order, as JSON text. */
export async function jsonRows<Key extends string>(
  connection: Connection,
  model: ModelCtor,
  { order = BY_POSITION, raw, left = [], missing = [], both = [], where = '1' }: JsonOptions<Key>,
): Promise<JsonRow<Key>[]> {
  const notIn = new Set<string>([...raw, ...left]);
  const members = Object.entries(model.getAttributes()).flatMap(([name, { type }]) => {
    if (notIn.has(name)) return [];
    const member = `',"${name}":' || ${valueOf(`"${name}"`, type)}`;
    return missing.includes(name) ? [`CASE WHEN "${name}" IS NULL THEN '' ELSE ${member} END`] : [member];
  });
  const names = [...raw, ...both].map((name) => `"${name}"`);
  const rows = await connection.all<Record<Key, string | number | null> & { members: string }>(
    `SELECT ${names.join(', ')}, substr(${members.join(' || ')}, 2) AS members FROM "${model.getTableName() as string}" ` +
      `WHERE ${where} ORDER BY ${order.map((name) => `"${name}"`).join(', ')}`,
  );
  return rows.map((row) => ({ raw: row, members: row.members }));
}
