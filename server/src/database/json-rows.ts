import { DataType, type ModelCtor } from 'sequelize-typescript';
import type { Connection } from './connection.js';
import { BY_POSITION, type Order } from './rows.js';

type Raw = Record<string, string | number | null>;

/** What a list answers is mostly JSON that lies in the database as it is sent: it is passed on as text, and no object is made of it. */
export interface JsonRow {
  raw: Raw;
  /** The columns as the members of a JSON object, without its braces. */
  members: string;
}

interface Column {
  name: string;
  write: (value: string | number | null) => string | null;
}

/** How a column stands in JSON; null: it is left out. */
function columnsOf(model: ModelCtor, left: ReadonlySet<string>, missing: ReadonlySet<string>): Column[] {
  return Object.entries(model.getAttributes()).flatMap(([name, { type }]): Column[] => {
    if (left.has(name)) return [];
    const key = `${JSON.stringify(name)}:`;
    const plain = (value: string | number | null): string => key + JSON.stringify(value);
    if (missing.has(name)) return [{ name, write: (value) => (value === null ? null : plain(value)) }];
    if (type instanceof DataType.JSON) return [{ name, write: (value) => key + (value === null ? 'null' : String(value)) }];
    if (type instanceof DataType.BOOLEAN) return [{ name, write: (value) => key + (value === null ? 'null' : String(value === 1)) }];
    return [{ name, write: plain }];
  });
}

export interface JsonOptions {
  order?: Order;
  /** Columns that are read but do not go into the JSON. */
  left?: readonly string[];
  /** Columns that are left out where they are null. */
  missing?: readonly string[];
  /** SQL condition; it holds nothing that was sent. */
  where?: string;
}

/** The rows of a table, in order, as JSON text. */
export async function jsonRows(
  connection: Connection,
  model: ModelCtor,
  { order = BY_POSITION, left = [], missing = [], where = '1' }: JsonOptions = {},
): Promise<JsonRow[]> {
  const columns = columnsOf(model, new Set(left), new Set(missing));
  const names = Object.keys(model.getAttributes()).map((name) => `"${name}"`);
  const rows = await connection.all<Raw>(
    `SELECT ${names.join(', ')} FROM "${model.getTableName() as string}" WHERE ${where} ORDER BY ${order.map((name) => `"${name}"`).join(', ')}`,
  );
  return rows.map((raw) => ({
    raw,
    members: columns.flatMap(({ name, write }) => write(raw[name] ?? null) ?? []).join(','),
  }));
}
