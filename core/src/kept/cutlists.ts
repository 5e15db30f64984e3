import type { CutList } from '../cutting/index.js';
import { duplicates, unknown, type PlanFault } from './fault.js';
import { keptList, type Surroundings } from './kept-thing.js';
import { dayMoved } from './moved.js';

function* cutlistFaults(path: string, list: CutList, { strips }: Surroundings): Generator<PlanFault> {
  yield* duplicates(`${path}.lines`, list.lines);
  for (const [i, { stripId }] of list.lines.entries())
    yield* unknown(`${path}.lines[${String(i)}].stripId`, stripId, (id) => strips.has(id), 'the id of a kind of strip');
}

/** What is to be cut to length. */
export const cutlists = keptList<CutList, 'cutlist'>({
  one: 'cutlist',
  words: 'cut list',
  most: 2000,
  since: 11,
  pointsTo: ['strips'],
  loses: [],
  faults: cutlistFaults,
  moved: (list, days) => ({ ...list, cutOn: dayMoved(list.cutOn, days) }),
  upgrades: {},
});
