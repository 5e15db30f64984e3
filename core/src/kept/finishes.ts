import type { Finish } from '../finishes/index.js';
import { isSubstrateId } from '../subjects/index.js';
import { addDays } from '../units/index.js';
import { duplicates, unknown, type PlanFault } from './fault.js';
import { each, keptList, type Surroundings, type Upgrade } from './kept-thing.js';
import { STEP_UPGRADES, placeOf, stepFaults } from './step-faults.js';

/** What the steps of a saved finish point to that is not there. Bottles, mixes and drying places may have gone since: that is no fault. */
function* finishFaults(path: string, finish: Finish, { supplies }: Surroundings): Generator<PlanFault> {
  if (finish.versions.length === 0) yield { path: `${path}.versions`, value: 'none', allowed: 'at least one version' };
  const around: Surroundings = { supplies, places: new Set(), mixes: new Set(), pieces: new Set(), strips: new Set() };
  for (const [v, version] of finish.versions.entries()) {
    const at = `${path}.versions[${String(v)}]`;
    if (version.version !== v + 1)
      yield { path: `${at}.version`, value: String(version.version), allowed: `${String(v + 1)}: versions count up from 1` };
    const place = placeOf({ ...version, members: [] });
    yield* duplicates(`${at}.zones`, version.zones);
    for (const [i, zone] of version.zones.entries())
      yield* unknown(`${at}.zones[${String(i)}].substrate`, zone.substrate, isSubstrateId, 'a substrate of the catalogue');
    for (const [i, step] of version.steps.entries())
      yield* stepFaults(`${at}.steps[${String(i)}]`, { ...step, bottleId: null, mixId: null, dryingPlace: null }, place, around);
  }
}

const stepsUpgraded =
  (upgrade: Upgrade): Upgrade =>
  (finish) => ({
    ...finish,
    versions: each(finish['versions'], (version) => ({ ...version, steps: each(version['steps'], upgrade) })),
  });

/** Saved sequences to apply again. */
export const finishes = keptList<Finish, 'finish'>({
  one: 'finish',
  most: 5000,
  since: 3,
  pointsTo: ['materials', 'bottles'],
  loses: [],
  faults: finishFaults,
  moved: (finish, days) => ({
    ...finish,
    versions: finish.versions.map((version) => ({ ...version, savedOn: addDays(version.savedOn, days) })),
  }),
  upgrades: { 3: stepsUpgraded(STEP_UPGRADES[3]), 6: stepsUpgraded(STEP_UPGRADES[6]), 11: stepsUpgraded(STEP_UPGRADES[11]) },
});
