import type { Piece } from './piece.js';
import type { Step } from './step.js';

const NEW_GROUP = { rounds: 2, gate: 'Enough?' };

/**
 * Steps put into a repeat group, or taken out with null. A group that is not there yet is made with two rounds; one that
 * no step belongs to any more goes.
 */
export function inGroup(piece: Piece, stepIds: readonly string[], groupId: string | null): Piece {
  const steps = piece.steps.map((step) => (stepIds.includes(step.id) ? { ...step, groupId } : step));
  const isNew = groupId !== null && piece.groups.every((group) => group.id !== groupId);
  const groups = isNew ? [...piece.groups, { id: groupId, name: `Rounds ${String(piece.groups.length + 1)}`, ...NEW_GROUP }] : piece.groups;
  return { ...piece, steps, groups: groups.filter((group) => steps.some((step) => step.groupId === group.id)) };
}

/** Chosen steps moved by one place, up or down: those that stand together stay together, those at the end stay there. */
export function movedByOne(steps: readonly Step[], stepIds: readonly string[], by: -1 | 1): Step[] {
  const out = by === -1 ? [...steps] : steps.toReversed();
  for (let at = 1; at < out.length; at++) {
    const [before, here] = [out[at - 1], out[at]];
    if (before && here && stepIds.includes(here.id) && !stepIds.includes(before.id)) [out[at - 1], out[at]] = [here, before];
  }
  return by === -1 ? out : out.reverse();
}
