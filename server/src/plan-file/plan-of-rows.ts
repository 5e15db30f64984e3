import { LIST_KEYS, type ListKey } from '@eveningtide/core/kept';
import { emptyPlan, type PlanFile, type PlanLists } from '@eveningtide/core/plan-file';
import type { Rows } from '../database/rows.js';
import { servedOf } from '../kept/registry.js';
import { readWorkshop } from '../kept/workshop.row.js';

/** Everything that is kept, as one plan file. What was put aside stays out, with what is a part of it. */
export async function planOfRows(rows: Rows): Promise<PlanFile> {
  const { workshop } = await readWorkshop(rows);
  const lists = new Map<ListKey, { id: string }[]>();
  for (const key of LIST_KEYS) {
    const { table, ties } = servedOf(key);
    const things = (await table.read(rows)).filter(({ deletedAt }) => deletedAt === null).map(({ thing }) => thing);
    const { partOf } = ties ?? {};
    const wholes = partOf && new Set(lists.get(partOf.list)?.map(({ id }) => id));
    lists.set(key, partOf && wholes ? things.filter((thing) => wholes.has(partOf.id(thing))) : things);
  }
  return { ...emptyPlan(), workshop, ...(Object.fromEntries(lists) as unknown as PlanLists) };
}
