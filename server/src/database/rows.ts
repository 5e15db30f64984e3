import type { Transaction } from 'sequelize';
import { DataType, type Model, type ModelCtor } from 'sequelize-typescript';
import type { Connection } from './connection.js';

export type Order = readonly string[];
export const BY_POSITION: Order = ['position'];

/** Reads whole tables, in order: of the database that is open, or of a file beside it. */
export type Rows = <R extends Model>(model: ModelCtor<R>, order?: Order) => Promise<R[]>;

/** The rows of the database that is open. */
export const openRows =
  (transaction?: Transaction): Rows =>
  <R extends Model>(model: ModelCtor<R>, order = BY_POSITION) =>
    model.findAll<R>({ order: order.map((column) => [column, 'ASC']), transaction: transaction ?? null });

/** What stands in a column as the models read it; what cannot be read so is left as it stands, for the rules of its field to refuse. */
function valueAs(type: unknown, value: unknown): unknown {
  if (type instanceof DataType.JSON && typeof value === 'string')
    try {
      return JSON.parse(value) as unknown;
    } catch {
      return value;
    }
  if (type instanceof DataType.BOOLEAN) return value === 1 ? true : value === 0 ? false : value;
  return value;
}

/** The rows of a database file that no model is bound to. */
export const rowsOfFile =
  (connection: Pick<Connection, 'all'>): Rows =>
  async <R extends Model>(model: ModelCtor<R>, order = BY_POSITION) => {
    const columns = Object.entries(model.getAttributes());
    const list = columns.map(([name]) => `"${name}"`).join(', ');
    const found = await connection.all<Record<string, unknown>>(
      `SELECT ${list} FROM "${model.getTableName() as string}" ORDER BY ${order.map((column) => `"${column}"`).join(', ')}`,
    );
    return found.map((row) => {
      const values = Object.fromEntries(columns.map(([name, { type }]) => [name, valueAs(type, row[name])]));
      return model.build(values as never, { raw: true, isNewRecord: false });
    });
  };
