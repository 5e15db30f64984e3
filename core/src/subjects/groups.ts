import type { Piece } from './piece.js';

const NEW_GROUP = { rounds: 2, gate: 'Enough?' };

/**
 * A step put into a repeat group, or taken out with null. A group that is not there yet is made with two rounds; one that
 * no step belongs to any more goes.
 */
export function inGroup(piece: Piece, stepId: string, groupId: string | null): Piece {
  const steps = piece.steps.map((step) => (step.id === stepId ? { ...step, groupId } : step));
  const isNew = groupId !== null && piece.groups.every((group) => group.id !== groupId);
  const groups = isNew ? [...piece.groups, { id: groupId, name: `Rounds ${String(piece.groups.length + 1)}`, ...NEW_GROUP }] : piece.groups;
  return { ...piece, steps, groups: groups.filter((group) => steps.some((step) => step.groupId === group.id)) };
}
