import type { Supplies } from '../materials/index.js';
import { incomingOf, mixKeyOf, subjectOf, type Company, type VapourElsewhere } from '../sequence/index.js';
import type { Piece, Step } from '../subjects/index.js';
import type { Doing } from './doing.js';

/** What is done, without what tells steps apart that are the same: to the last number. */
const recipeOf = (steps: readonly Step[]): string =>
  JSON.stringify(steps.map(({ id: _id, pinnedAt: _pin, waitMin: _wait, groupId: _group, dryingPlace: _place, ...what }) => what));

/** What burns and is laid on other pieces, and when each was: told where a hot-air gun is used. */
export function vapoursBeside(
  { piece, steps }: Doing,
  doings: readonly Doing[],
  supplies: Supplies,
  endsOf: (other: Doing, stepIndex: number) => readonly number[],
): VapourElsewhere[] {
  if (!steps.some((step) => step.drying === 'heat-gun')) return [];
  return doings
    .filter((other) => other.piece.id !== piece.id)
    .flatMap((other) =>
      other.steps.flatMap((step, i) => {
        const { burns } = incomingOf(step, supplies);
        return burns ? endsOf(other, i).map((endMin) => ({ name: other.piece.name, what: burns.name, endMin })) : [];
      }),
    );
}

/**
 * The pieces that one is made alongside: its batch, and those that got the same finish together with it. They vary where
 * one recipe differs from another. `startOf` tells when a step of another is planned.
 */
export function companyOf(piece: Piece, doings: readonly Doing[], startOf: (piece: Piece, stepIndex: number) => number | null): Company {
  const own = subjectOf(piece).company;
  const { finish } = piece;
  const others = finish === null ? [] : doings.filter((other) => other.piece.id !== piece.id && other.piece.finish?.setId === finish.setId);
  const fellows = others.map((other) => other.piece);
  if (fellows.length === 0) return own;
  const recipe = recipeOf(piece.steps);
  const batch = Math.max(1, piece.members.length) + fellows.reduce((sum, other) => sum + Math.max(1, other.members.length), 0);
  const mixed = others.flatMap(({ piece: other, steps }) =>
    steps.flatMap((step, i) => {
      const [mix, startMin] = [mixKeyOf(step), startOf(other, i)];
      return mix === null || startMin === null ? [] : [{ name: other.name, mix, technique: step.technique, startMin }];
    }),
  );
  return { ...own, mixed, models: batch, varied: own.varied || fellows.some((other) => recipeOf(other.steps) !== recipe) };
}
