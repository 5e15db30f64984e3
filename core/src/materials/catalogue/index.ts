import type { Material } from '../types.js';
import { CLEARS } from './clears.js';
import { DRY_MATTER } from './dry-matter.js';
import { HELPERS } from './helpers.js';
import { PAINTS } from './paints.js';

export const MATERIALS: readonly Material[] = [...PAINTS, ...CLEARS, ...DRY_MATTER, ...HELPERS];

const BY_ID = new Map(MATERIALS.map((m) => [m.id, m]));

export const isMaterialId = (id: string): boolean => BY_ID.has(id);

/** @throws RangeError naming the id when the catalogue has no such material. */
export function materialById(id: string): Material {
  const found = BY_ID.get(id);
  if (!found) throw new RangeError(`material '${id}' is not in the catalogue`);
  return found;
}
