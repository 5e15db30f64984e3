import { ConflictException } from '@nestjs/common';
import type { Mix } from '@eveningtide/core/mixing';
import type { Transaction } from 'sequelize';
import { openRows } from '../database/rows.js';
import { BottleRow } from './bottle.row.js';
import { mixTable } from './mix.row.js';
import type { Ties } from './served.js';
import { giveBackTo, stepsThatLose } from './steps-of.js';

/** Another mix with the same number. */
const twinOf = async ({ id, number }: Mix, transaction: Transaction): Promise<Mix | null> =>
  (await mixTable.read(openRows(transaction))).map(({ thing }) => thing).find((other) => other.number === number && other.id !== id) ??
  null;

/** A number is on one cup only; steps that used a mix keep their material, colour and dilution. */
export const mixTies: Ties<Mix> = {
  async clashes(path, mix, transaction) {
    const twin = await twinOf(mix, transaction);
    if (!twin) return [];
    const allowed = `a number that no other mix has; “${twin.name}” has it`;
    return [{ path: `${path}.number`, value: String(mix.number), allowed }];
  },
  letGo: async (id, transaction) => ({ steps: await stepsThatLose({ mixId: id }, transaction), mixes: [] }),
  /** Under its number, which another may have by now; made with bottles that are still there. */
  async comingBack(mix, transaction) {
    const twin = await twinOf(mix, transaction);
    if (twin)
      throw new ConflictException({
        error: 'in-use',
        message: `“${twin.name}” has number ${String(mix.number)} by now: give it another one first`,
      });
    const known = new Set((await BottleRow.findAll({ attributes: ['id'], transaction })).map(({ id }) => id));
    const components = mix.components.map((one) => (one.bottleId !== null && !known.has(one.bottleId) ? { ...one, bottleId: null } : one));
    return { ...mix, components };
  },
  giveBack: (mix, { steps }, transaction) => giveBackTo(steps, { mixId: mix.id }, { mixId: null }, transaction),
};
