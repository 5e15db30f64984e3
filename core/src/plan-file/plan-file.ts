import {
  KEPT_ONES,
  LIST_KEYS,
  PLAN_VERSION,
  duplicates,
  ids,
  keptListOf,
  type ListKey,
  type PlanFault,
  type Surroundings,
  type ThingOf,
} from '../kept/index.js';
import { suppliesOf } from '../materials/index.js';
import type { Workshop } from '../schedule/index.js';
import { daysBetween } from '../units/index.js';

/** The open plan file, `*.eveningtide.json`: everything the app keeps, versioned. docs/plan-file.md describes it. */
export const PLAN_FORMAT = 'eveningtide';
export { PLAN_VERSION };

/** All that is kept in lists, by their names. */
export type PlanLists = { [K in ListKey]: ThingOf<K>[] };

export interface PlanFile extends PlanLists {
  format: typeof PLAN_FORMAT;
  version: number;
  /** Day that relative plans (the demo) count from; null keeps dates as they are. */
  anchorDate: string | null;
  workshop: Workshop;
}

/** A plan with nothing in it, in a workshop as it usually is. */
export const emptyPlan = (): PlanFile => ({
  format: PLAN_FORMAT,
  version: PLAN_VERSION,
  anchorDate: null,
  workshop: KEPT_ONES.workshop.usual,
  ...(Object.fromEntries(LIST_KEYS.map((key) => [key, []])) as unknown as PlanLists),
});

/** A list of a plan of which only is known that its things have ids. */
const listOf = (plan: PlanLists, key: ListKey): readonly { id: string }[] => plan[key];

const surroundingsIn = (plan: PlanFile): Surroundings => ({
  supplies: suppliesOf(plan),
  mixes: ids(plan.mixes),
  strips: ids(plan.strips),
  places: ids(plan.workshop.climate.places),
  pieces: ids(plan.pieces),
});

/** Everything in a plan that points to something that is not there, one after the other. The shape has been checked before. */
export function* planFaults(plan: PlanFile): Generator<PlanFault> {
  const around = surroundingsIn(plan);
  for (const key of LIST_KEYS) yield* duplicates(key, listOf(plan, key));
  for (const key of LIST_KEYS) {
    const { faults, faultsTogether } = keptListOf(key);
    if (faultsTogether) yield* faultsTogether(key, listOf(plan, key));
    for (const [i, thing] of listOf(plan, key).entries()) yield* faults(`${key}[${String(i)}]`, thing, around);
  }
}

/** Moves every date of a plan that hangs on an anchor so that the anchor falls on `today`. */
export function anchoredOn(plan: PlanFile, today: string): PlanFile {
  if (plan.anchorDate === null) return plan;
  const days = daysBetween(plan.anchorDate, today);
  const lists = LIST_KEYS.map((key) => [key, listOf(plan, key).map((thing) => keptListOf(key).moved(thing, days))]);
  const workshop = KEPT_ONES.workshop.moved(plan.workshop, days);
  return { ...plan, anchorDate: null, workshop, ...(Object.fromEntries(lists) as PlanLists) };
}
