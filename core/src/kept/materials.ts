import { isMaterialId, materialById, type OwnMaterial } from '../materials/index.js';
import type { PlanFault } from './fault.js';
import { keptList } from './kept-thing.js';

function* materialFaults(path: string, own: OwnMaterial): Generator<PlanFault> {
  if (isMaterialId(own.id)) yield { path: `${path}.id`, value: own.id, allowed: 'an id that the catalogue does not use' };
  const base = isMaterialId(own.like) ? materialById(own.like) : null;
  if (!base || base.role === 'thinner')
    yield { path: `${path}.like`, value: own.like, allowed: 'a material of the catalogue, thinners excepted' };
}

/** Materials of the painter's own, on top of the catalogue. */
export const materials = keptList<OwnMaterial, 'material'>({
  one: 'material',
  most: 5000,
  since: 2,
  pointsTo: [],
  loses: [],
  faults: materialFaults,
  moved: (material) => material,
  upgrades: {},
});
