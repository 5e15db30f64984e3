import { stepIdOf } from '../sequence/index.js';
import { onItsOwn, type Piece } from '../subjects/index.js';

/** More rounds than these are steps of their own. */
const MOST_ROUNDS = 3;

/**
 * The piece with a step to be done once more: another round of its group, else the same step after it. Rounds beyond the third, and single steps, are
 * steps of their own. `newId` numbers them from 1.
 * @throws RangeError when the step is not there.
 */
export function withAnotherRound(piece: Piece, doneId: string, newId: (n: number) => string): Piece {
  const step = piece.steps.find(({ id }) => id === stepIdOf(doneId));
  if (!step) throw new RangeError(`stepId must be a step of ${piece.name}, got '${doneId}'`);
  const group = piece.groups.find(({ id }) => id === step.groupId);
  if (group && group.rounds < MOST_ROUNDS)
    return { ...piece, groups: piece.groups.map((one) => (one === group ? { ...one, rounds: one.rounds + 1 } : one)) };
  const repeated = group ? piece.steps.filter(({ groupId }) => groupId === group.id) : [step];
  const after = piece.steps.indexOf(repeated.at(-1) ?? step);
  return { ...piece, steps: piece.steps.toSpliced(after + 1, 0, ...repeated.map((one, i) => onItsOwn(one, newId(i + 1)))) };
}
