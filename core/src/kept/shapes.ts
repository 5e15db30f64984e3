import type { KeptShape } from '../subjects/index.js';
import { duplicates } from './fault.js';
import { keptList } from './kept-thing.js';
import { bodyFaults, zonesInNoSet } from './pieces.js';

/** Shapes of the painter's own, to begin pieces with. */
export const shapes = keptList<KeptShape, 'shape'>({
  one: 'shape',
  most: 500,
  since: 12,
  pointsTo: [],
  loses: [],
  faults: function* (path, shape) {
    for (const key of ['parts', 'zones', 'features', 'checks'] as const) yield* duplicates(`${path}.${key}`, shape[key]);
    yield* bodyFaults(path, shape);
  },
  moved: (shape) => shape,
  upgrades: { 13: zonesInNoSet },
});
