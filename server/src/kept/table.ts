import type { Transaction } from 'sequelize';
import type { Model, ModelCtor } from 'sequelize-typescript';
import type { Connection } from '../database/connection.js';
import { createAll } from '../database/create-all.js';
import { jsonRows } from '../database/json-rows.js';
import { BY_POSITION, type Order, type Rows } from '../database/rows.js';

/** A thing as it is kept: with its version, and when it was put aside. */
export interface Kept<T> {
  version: number;
  /** ISO 8601, UTC; null: it was not. */
  deletedAt: string | null;
  thing: T;
}

/** How things of one kind lie in their tables. Callers give the transaction; nothing here begins one. */
export interface KeptTable<T extends { id: string }> {
  /** The first one has a row for each thing, with its version. */
  models: [ModelCtor, ...ModelCtor[]];
  /** All of them, those that were put aside too. */
  read: (rows: Rows) => Promise<Kept<T>[]>;
  /** All but those that were put aside, as the JSON of a list of `{ version, [one]: thing }`. */
  asJson: (connection: Connection, one: string) => Promise<string>;
  byId: (id: string, transaction?: Transaction) => Promise<Kept<T> | null>;
  /** Writes one whole, as this version. A new one goes to the end of the list. */
  write: (thing: T, version: number, transaction: Transaction) => Promise<void>;
  /** Writes all there is, where nothing is. */
  writeAll: (things: readonly T[], version: number, transaction: Transaction) => Promise<void>;
}

interface Options {
  /** Columns that say what comes first; without, the list keeps the order in which things were made. */
  order?: Order;
  /** Fields that are missing where the column is null. */
  missing?: readonly string[];
}

/** The place at the end of a list. */
export const nextPosition = async (model: ModelCtor, transaction: Transaction): Promise<number> =>
  ((await model.max<number, Model>('position', { transaction })) || 0) + 1;

/** Things of which each is one row: a column for each field. */
export function oneTable<T extends { id: string }>(model: ModelCtor, { order, missing = [] }: Options = {}): KeptTable<T> {
  const inOrder = order ?? BY_POSITION;
  const absent = Object.fromEntries(missing.map((name) => [name, null]));
  const kept = (row: Model): Kept<T> => {
    const { version, position: _position, ...columns } = row.get({ plain: true }) as Record<string, unknown>;
    const thing = Object.fromEntries(Object.entries(columns).filter(([name, value]) => value !== null || !missing.includes(name)));
    return { version: Number(version), deletedAt: null, thing: thing as unknown as T };
  };
  const values = (thing: T, version: number) => ({ ...absent, ...thing, version });
  return {
    models: [model],
    read: async (rows) => (await rows(model, inOrder)).map(kept),
    async asJson(connection, one) {
      const rows = await jsonRows(connection, model, { order: inOrder, raw: ['version'], left: ['position'], missing });
      return `[${rows.map(({ raw, members }) => `{"version":${String(raw.version)},"${one}":{${members}}}`).join(',')}]`;
    },
    async byId(id, transaction) {
      const row = await model.findByPk(id, { transaction: transaction ?? null });
      return row ? kept(row) : null;
    },
    async write(thing, version, transaction) {
      const before = await model.findByPk(thing.id, { transaction });
      const row = values(thing, version);
      if (before) await before.update(row, { transaction });
      else await model.create(order ? row : { ...row, position: await nextPosition(model, transaction) }, { transaction });
    },
    writeAll: (things, version, transaction) =>
      createAll(
        model,
        things.map((thing, position) => (order ? values(thing, version) : { ...values(thing, version), position })),
        transaction,
      ),
  };
}

/** Takes one away, with all that hangs on it by a foreign key. */
export const removeFrom = async (
  { models: [main] }: { models: [ModelCtor, ...ModelCtor[]] },
  id: string,
  transaction: Transaction,
): Promise<boolean> => (await main.destroy({ where: { id }, transaction })) > 0;
