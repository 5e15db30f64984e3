import type { MoreRounds } from '../chances/index.js';
import { handsOnMinutes, stepIdOf } from '../sequence/index.js';
import { doingsOf } from './doing.js';
import { benchSupplies, type PlanInput } from './plan-input.js';
import { operationId } from './operation-id.js';
import { benchOf } from './problem.js';
import { sittingsOf } from './sittings.js';

/** How often one more round is wanted after the planned ones (our number, by how many there are: the first look rarely is the last). */
const MORE_CHANCE = [0, 0.4, 0.25, 0.1];

/** Where a repeat group may want another round, and what hands-on time that takes. */
export function moreRoundsOf(given: Omit<PlanInput, 'nowMin'>): MoreRounds[] {
  const { pieces, workshop, log, originDate } = given;
  const supplies = benchSupplies(given);
  const bench = benchOf(workshop, supplies);
  return doingsOf(pieces, log, originDate).flatMap(({ piece, steps, progress }) => {
    return piece.groups.flatMap((group) => {
      const own = steps.flatMap((step, index) => (step.groupId === group.id ? [{ step, index }] : []));
      const last = own.at(-1);
      // what is done is known
      if (!last || progress.satsOf(last.step.id).size > 0) return [];
      const ids = new Set(own.map(({ step }) => stepIdOf(step.id)));
      const minutes = piece.steps.filter(({ id }) => ids.has(id)).reduce((sum, step) => sum + handsOnMinutes(step, piece, bench), 0);
      const sitting = sittingsOf(last.step, piece, progress, bench).at(-1)?.sitting ?? 0;
      return [{ after: operationId(piece, last.index, sitting), minutes, chance: MORE_CHANCE[group.rounds] ?? 0.1 }];
    });
  });
}
