import { KEPT_ONES, LIST_KEYS, PLAN_VERSION, each, isObject, keptListOf, type Loose, type Upgrades } from '../kept/index.js';

const asItIs = (thing: Loose): Loose => thing;
const stepOf = (upgrades: Upgrades, from: number) => upgrades[from] ?? asItIs;

/** A plan of one version as one of the next: each kept thing says what it lacked. */
function oneUp(plan: Loose, from: number): Loose {
  const next: Loose = { ...plan, version: from + 1 };
  for (const [key, { upgrades }] of Object.entries(KEPT_ONES)) if (isObject(plan[key])) next[key] = stepOf(upgrades, from)(plan[key]);
  for (const key of LIST_KEYS) {
    const { since, upgrades } = keptListOf(key);
    if (since === from + 1) next[key] = [];
    else if (since <= from) next[key] = each(plan[key], stepOf(upgrades, from));
  }
  return next;
}

/**
 * A plan file of an older version as one of this version; anything else as it came. The shape is checked afterwards, so
 * a broken file stays broken and is refused with its faults named.
 */
export function upgraded(file: unknown): unknown {
  if (!isObject(file) || !Number.isInteger(file['version'])) return file;
  const version = Number(file['version']);
  if (version < 1) return file;
  let plan = file;
  for (let from = version; from < PLAN_VERSION; from++) plan = oneUp(plan, from);
  return plan;
}
