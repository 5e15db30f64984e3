import { MOST_COMPONENTS, type Mix } from '../mixing/index.js';
import { addDays } from '../units/index.js';
import { unknown, type PlanFault } from './fault.js';
import { keptList, type Surroundings } from './kept-thing.js';
import { dayMoved } from './moved.js';

const A_MATERIAL = 'a material of the catalogue or of your own';

/** What a mix names that is not there, and amounts that make none. */
function* mixFaults(path: string, mix: Mix, { supplies }: Surroundings): Generator<PlanFault> {
  const isBottle = (id: string): boolean => supplies.bottle(id) !== null;
  if (mix.components.length === 0 || mix.components.length > MOST_COMPONENTS)
    yield { path: `${path}.components`, value: String(mix.components.length), allowed: `1–${String(MOST_COMPONENTS)} components` };
  else if (!mix.components.some(({ parts }) => parts > 0))
    yield { path: `${path}.components[0].parts`, value: '0', allowed: 'a number above 0 on at least one component' };
  for (const [i, component] of mix.components.entries()) {
    const at = `${path}.components[${String(i)}]`;
    yield* unknown(`${at}.material`, component.material, supplies.isMaterial, A_MATERIAL);
    yield* unknown(`${at}.bottleId`, component.bottleId, isBottle, 'the id of a bottle on the shelf, or null');
  }
  for (const [i, change] of mix.changes.entries())
    for (const [k, added] of change.added.entries())
      yield* unknown(`${path}.changes[${String(i)}].added[${String(k)}].material`, added.material, supplies.isMaterial, A_MATERIAL);
}

/** Mixes of the painter's own: recipes, and cups that were made. */
export const mixes = keptList<Mix, 'mix'>({
  one: 'mix',
  most: 20_000,
  since: 4,
  pointsTo: ['materials', 'bottles'],
  loses: ['pieces'],
  faults: mixFaults,
  moved: (mix, days) => ({
    ...mix,
    madeOn: dayMoved(mix.madeOn, days),
    changes: mix.changes.map((change) => ({ ...change, on: addDays(change.on, days) })),
  }),
  upgrades: {},
});
