import type { Member, Piece } from './piece.js';
import type { Step } from './step.js';

/** The pieces of a batch that a step is done on; empty for a piece that is no batch. */
export const membersOf = (step: Pick<Step, 'members'>, piece: Pick<Piece, 'members'>): Member[] =>
  step.members === null ? piece.members : piece.members.filter((member) => step.members?.includes(member.id));

/** How many models a step is done on: at least one. */
export const modelsOf = (step: Pick<Step, 'members'>, piece: Pick<Piece, 'members'>): number => Math.max(1, membersOf(step, piece).length);

/** The piece without one of its batch. A step that was done on that one alone is done on all. */
export function withoutMember(piece: Piece, id: string): Piece {
  return {
    ...piece,
    members: piece.members.filter((member) => member.id !== id),
    steps: piece.steps.map((step) => {
      if (!step.members?.includes(id)) return step;
      const left = step.members.filter((member) => member !== id);
      return { ...step, members: left.length > 0 ? left : null };
    }),
  };
}
