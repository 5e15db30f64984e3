import type { Bottle } from '../materials/index.js';
import { unknown, type PlanFault } from './fault.js';
import { keptList, type Surroundings } from './kept-thing.js';
import { dayMoved } from './moved.js';

function* bottleFaults(path: string, bottle: Bottle, { supplies }: Surroundings): Generator<PlanFault> {
  yield* unknown(`${path}.material`, bottle.material, supplies.isMaterial, 'a material of the catalogue or of your own');
  if (bottle.sizeMl !== null && bottle.leftMl !== null && bottle.leftMl > bottle.sizeMl)
    yield { path: `${path}.leftMl`, value: String(bottle.leftMl), allowed: `at most what it holds, ${String(bottle.sizeMl)}` };
}

/** The shelf. */
export const bottles = keptList<Bottle, 'bottle'>({
  one: 'bottle',
  most: 20_000,
  since: 1,
  pointsTo: ['materials'],
  loses: ['pieces', 'mixes'],
  faults: bottleFaults,
  moved: (bottle, days) => ({ ...bottle, openedOn: dayMoved(bottle.openedOn, days), triedOn: dayMoved(bottle.triedOn, days) }),
  upgrades: {
    1: (bottle) => ({ ...bottle, triedOn: null }),
    3: (bottle) => ({ ...bottle, price: null, whiteSwatch: null, dropsPerMl: null }),
  },
});
