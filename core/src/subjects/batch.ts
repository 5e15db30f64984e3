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

/** A batch as two, the first half keeping the piece; each has the steps that are done on any of its own. */
export function splitPiece(piece: Piece, secondId: string): [Piece, Piece] {
  const half = Math.ceil(piece.members.length / 2);
  const part = (members: Member[], more: Partial<Piece>): Piece => {
    const ids = new Set(members.map(({ id }) => id));
    const steps = piece.steps.flatMap((step) => {
      if (step.members === null) return [step];
      const own = step.members.filter((id) => ids.has(id));
      return own.length === 0 ? [] : [{ ...step, members: own.length === members.length ? null : own }];
    });
    const kept = new Set(steps.map(({ id }) => id));
    return { ...piece, members, steps, waivers: piece.waivers.filter(({ stepId }) => kept.has(stepId)), ...more };
  };
  return [
    part(piece.members.slice(0, half), {}),
    part(piece.members.slice(half), {
      id: secondId,
      name: `${piece.name} (2)`,
      steps: unpinned(part(piece.members.slice(half), {}).steps),
    }),
  ];
}

/** What is pinned is pinned for the first: two batches cannot be worked at the same minute. */
const unpinned = (steps: readonly Step[]): Step[] => steps.map((step) => ({ ...step, pinnedAt: null }));
