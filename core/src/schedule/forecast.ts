import type { MoreRounds } from '../chances/index.js';
import { expandRounds, handsOnMinutes, stepIdOf } from '../sequence/index.js';
import type { Supplies } from '../materials/index.js';
import type { Piece } from '../subjects/index.js';
import { benchOf, operationId } from './problem.js';
import type { Workshop } from './workshop.js';

/** How often one more round is wanted after the planned ones (our number, by how many there are: the first look rarely is the last). */
const MORE_CHANCE = [0, 0.4, 0.25, 0.1];

/** Where a repeat group may want another round, and what hands-on time that takes. */
export function moreRoundsOf(pieces: readonly Piece[], workshop: Workshop, supplies: Supplies): MoreRounds[] {
  const bench = benchOf(workshop, supplies);
  return pieces.flatMap((piece) =>
    piece.groups.flatMap((group) => {
      const steps = expandRounds(piece.steps, piece.groups);
      const own = steps.flatMap((step, index) => (step.groupId === group.id ? [{ step, index }] : []));
      const last = own.at(-1);
      if (!last) return [];
      const ids = new Set(own.map(({ step }) => stepIdOf(step.id)));
      const minutes = piece.steps.filter(({ id }) => ids.has(id)).reduce((sum, step) => sum + handsOnMinutes(step, piece, bench), 0);
      return [{ after: operationId(piece, last.index, 0), minutes, chance: MORE_CHANCE[group.rounds] ?? 0.1 }];
    }),
  );
}
