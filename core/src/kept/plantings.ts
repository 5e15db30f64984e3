import type { Planting } from '../planting/index.js';
import { duplicates } from './fault.js';
import { keptList } from './kept-thing.js';

/** What grows on bases and faces, and where each of it stands. */
export const plantings = keptList<Planting, 'planting'>({
  one: 'planting',
  most: 1000,
  since: 13,
  pointsTo: [],
  loses: [],
  faults: function* (path, { growths, plants, keepOffs, moved }) {
    yield* duplicates(`${path}.growths`, growths);
    yield* duplicates(`${path}.plants`, plants);
    yield* duplicates(`${path}.keepOffs`, keepOffs);
    const ids = new Set(plants.map(({ id }) => id));
    for (const [i, { plantsId }] of moved.entries())
      if (!ids.has(plantsId))
        yield { path: `${path}.moved[${String(i)}].plantsId`, value: plantsId, allowed: 'the id of one of its plants' };
  },
  moved: (planting) => planting,
  upgrades: {},
});
