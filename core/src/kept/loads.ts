import type { Load } from '../loads/index.js';
import { duplicates } from './fault.js';
import { keptList } from './kept-thing.js';

/** Loads of wagons, and heaps on the ground. */
export const loads = keptList<Load, 'load'>({
  one: 'load',
  most: 2000,
  since: 11,
  pointsTo: [],
  loses: [],
  faults: function* (path, { grains, glueParts, waterParts }) {
    yield* duplicates(`${path}.grains`, grains);
    if (glueParts + waterParts === 0)
      yield { path: `${path}.glueParts`, value: '0', allowed: 'a number above 0 where there is no water either' };
  },
  moved: (load) => load,
  // it knew its wagon by measures only
  upgrades: { 11: (load) => ({ ...load, wagonId: null, consist: '' }) },
});
