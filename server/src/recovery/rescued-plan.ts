import { KEPT_ONES, LIST_KEYS, type ListKey, type PlanFault } from '@eveningtide/core/kept';
import { planFaults, type PlanFile } from '@eveningtide/core/plan-file';
import type { Model, ModelCtor } from 'sequelize-typescript';
import { Connection } from '../database/connection.js';
import { BY_POSITION, rowsOfFile, type Order, type Rows } from '../database/rows.js';
import { PlanFileDto } from '../plan-file/plan-file.dto.js';
import { planOfRows } from '../plan-file/plan-of-rows.js';
import { FaultsException, checkShape, firstFaults } from '../validation/faults.js';

/** Where in a plan a thing stands that can be left out. */
const AT = new RegExp(`^(${LIST_KEYS.join('|')})\\[(\\d+)\\]`);

export interface Rescued {
  plan: PlanFile;
  /** Rows and things that could not be read, or that made no sense any more. */
  lost: number;
}

/** A table that can be read only in part is read row by row. */
function patientRows(connection: Connection, lose: () => void): Rows {
  const rows = rowsOfFile(connection);
  return async <R extends Model>(model: ModelCtor<R>, order: Order = BY_POSITION): Promise<R[]> => {
    try {
      return await rows(model, order);
    } catch {
      lose();
      return rowByRow<R>(connection, model, lose);
    }
  };
}

async function rowByRow<R extends Model>(connection: Connection, model: ModelCtor<R>, lose: () => void): Promise<R[]> {
  const found: R[] = [];
  const table = model.getTableName() as string;
  const ids = await connection.all<{ id: number }>(`SELECT rowid AS id FROM "${table}" NOT INDEXED`).catch(() => []);
  for (const { id } of ids)
    try {
      const rows = rowsOfFile({ all: (sql: string) => connection.all(sql.replace(/ ORDER BY .*$/, ' WHERE rowid = ?'), [id]) });
      found.push(...(await rows(model)));
    } catch {
      lose();
    }
  return found;
}

/** What can still be read of a damaged database, without what makes no sense any more: a plan file that can be opened. */
export async function rescuedPlan(databaseFile: string): Promise<Rescued> {
  let lost = 0;
  const lose = (): void => {
    lost += 1;
  };
  const connection = await Connection.open(databaseFile);
  try {
    const plan = await planOfRows(patientRows(connection, lose));
    for (let found = firstFaults(faultsOf(plan)); found.length > 0; found = firstFaults(faultsOf(plan))) lost += withoutFaulty(plan, found);
    return { plan, lost };
  } finally {
    await connection.close();
  }
}

/** Leaves out the things that faults are found in, and takes the usual workshop where it is the matter. Answers how many. */
function withoutFaulty(plan: PlanFile, faults: readonly PlanFault[]): number {
  const bad = new Map<ListKey, Set<number>>();
  let inWorkshop = false;
  for (const { path } of faults) {
    const [, list, index] = AT.exec(path) ?? [];
    if (list === undefined) inWorkshop = true;
    else bad.set(list as ListKey, (bad.get(list as ListKey) ?? new Set()).add(Number(index)));
  }
  for (const [list, at] of bad) Object.assign(plan, { [list]: (plan[list] as object[]).filter((_, i) => !at.has(i)) });
  // the usual workshop has no fault: one that is left after it would never go
  if (inWorkshop && plan.workshop === KEPT_ONES.workshop.usual)
    throw new Error(`What could be read makes no plan: ${faults[0]?.path ?? ''}`);
  if (inWorkshop) plan.workshop = KEPT_ONES.workshop.usual;
  return [...bad.values()].reduce((sum, at) => sum + at.size, inWorkshop ? 1 : 0);
}

function* faultsOf(plan: PlanFile): ReturnType<typeof planFaults> {
  try {
    checkShape(PlanFileDto, plan);
  } catch (error) {
    if (!(error instanceof FaultsException)) throw error;
    yield* error.faults;
    return;
  }
  yield* planFaults(plan);
}
