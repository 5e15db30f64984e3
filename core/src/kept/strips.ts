import type { Strip } from '../cutting/index.js';
import { keptList } from './kept-thing.js';

/** Strips, tubes and wires on the shelf. */
export const strips = keptList<Strip, 'strip'>({
  one: 'strip',
  most: 2000,
  since: 11,
  pointsTo: [],
  loses: [],
  faults: function* (path, { offcutsMm, lengthMm }) {
    const at = offcutsMm.findIndex((mm) => mm > lengthMm);
    if (at >= 0)
      yield {
        path: `${path}.offcutsMm[${String(at)}]`,
        value: String(offcutsMm[at]),
        allowed: `at most the length of a new one, ${String(lengthMm)}`,
      };
  },
  moved: (strip) => strip,
  upgrades: {},
});
