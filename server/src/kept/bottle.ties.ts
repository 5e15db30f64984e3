import type { Bottle } from '@eveningtide/core/materials';
import type { Mix, MixChange, MixComponent } from '@eveningtide/core/mixing';
import type { Transaction } from 'sequelize';
import { openRows } from '../database/rows.js';
import { mixTable } from './mix.row.js';
import type { Ties } from './served.js';
import { giveBackTo, stepsThatLose } from './steps-of.js';

type Made = MixComponent | MixChange['added'][number];

/** A mix with each of the things it is made of changed. */
const remade = (mix: Mix, change: <T extends Made>(one: T) => T): Mix => ({
  ...mix,
  components: mix.components.map(change),
  changes: mix.changes.map((one) => ({ ...one, added: one.added.map(change) })),
});

const isMadeWith = (mix: Mix, bottleId: string): boolean =>
  [mix.components, ...mix.changes.map(({ added }) => added)].flat().some((one) => one.bottleId === bottleId);

/** Mixes made with a bottle keep its kind. Answers their ids. */
async function mixesThatLose(bottleId: string, transaction: Transaction): Promise<string[]> {
  const mixes = (await mixTable.read(openRows(transaction))).filter(({ thing }) => isMadeWith(thing, bottleId));
  for (const { thing, version } of mixes) {
    const without = remade(thing, (one) => (one.bottleId === bottleId ? { ...one, bottleId: null } : one));
    await mixTable.write(without, version + 1, transaction);
  }
  return mixes.map(({ thing }) => thing.id);
}

/** Mixes that were made with a bottle are so again, where nothing else stands in its place. */
async function giveBackToMixes({ id, material }: Bottle, mixIds: readonly string[], transaction: Transaction): Promise<void> {
  for (const mixId of mixIds) {
    const found = await mixTable.byId(mixId, transaction);
    if (!found) continue;
    const withIt = remade(found.thing, (one) => (one.bottleId === null && one.material === material ? { ...one, bottleId: id } : one));
    await mixTable.write(withIt, found.version + 1, transaction);
  }
}

/** Steps and mixes that used a bottle keep their material and lose the bottle. */
export const bottleTies: Ties<Bottle> = {
  letGo: async (id, transaction) => ({
    steps: await stepsThatLose({ bottleId: id }, transaction),
    mixes: await mixesThatLose(id, transaction),
  }),
  async giveBack(bottle, { steps, mixes }, transaction) {
    await giveBackToMixes(bottle, mixes, transaction);
    await giveBackTo(steps, { bottleId: bottle.id }, { bottleId: null, material: bottle.material }, transaction);
  },
};
