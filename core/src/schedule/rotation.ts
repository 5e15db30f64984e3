import type { PlannedEvenings } from '../solver/index.js';
import { modelsOf, splitPiece, type Piece } from '../subjects/index.js';
import type { Interval } from '../units/index.js';
import type { Outlook } from './outlook.js';
import { operationOf } from './operation-id.js';
import { planOf, type PlanInput } from './plan-input.js';

/** A wait within one evening: from the end of one step of a piece until its next may begin. */
export interface Waiting {
  pieceId: string;
  stepIndex: number;
  /** The step that waits. */
  nextIndex: number;
  waitMin: number;
  /** Hands-on minutes that one model takes. */
  perModelMin: number;
  models: number;
  /** With so many models the first is ready when the last is done, and the wait is gone. */
  modelsForNone: number;
  /** What is done on other pieces meanwhile. */
  filledBy: { pieceId: string; stepIndex: number; minutes: number }[];
  /** Minutes in which hands rest. */
  idleMin: number;
}

/** The longest wait that still is one within an evening: what takes longer is left until the next, minutes. */
const LONGEST_WAIT_MIN = 150;

/** All waits within evenings, with what fills them and how many models of the batch would. */
export function waitsOf(pieces: readonly Piece[], { plan, pieces: outlooks, evenings }: Outlook): Waiting[] {
  const busy: Interval[] = [...plan.placed.map(({ startMin, endMin }) => ({ fromMin: startMin, toMin: endMin })), ...plan.cleanings];
  return pieces.flatMap((piece) => {
    const own = plan.placed.filter(({ id }) => operationOf(id).pieceId === piece.id);
    const steps = outlooks.find(({ pieceId }) => pieceId === piece.id)?.steps ?? [];
    return own.slice(1).flatMap((next, i): Waiting[] => {
      const before = own[i];
      if (!before) return [];
      const waitMin = next.startMin - before.endMin;
      const evening = evenings.find((e) => before.startMin >= e.fromMin && next.endMin <= e.toMin);
      if (!evening || waitMin < 1 || waitMin > LONGEST_WAIT_MIN) return [];
      const [from, to] = [operationOf(before.id).stepIndex, operationOf(next.id).stepIndex];
      const step = steps[from];
      const models = step ? Math.max(1, modelsOf(step, piece)) : 1;
      const perModelMin = (before.endMin - before.startMin) / models;
      const filledBy = plan.placed
        .filter(({ startMin, endMin }) => startMin >= before.endMin - 1e-6 && endMin <= next.startMin + 1e-6)
        .map(({ id, startMin, endMin }) => ({
          pieceId: operationOf(id).pieceId,
          stepIndex: operationOf(id).stepIndex,
          minutes: endMin - startMin,
        }));
      const worked = busy.reduce((sum, b) => sum + Math.max(0, Math.min(b.toMin, next.startMin) - Math.max(b.fromMin, before.endMin)), 0);
      return [
        {
          pieceId: piece.id,
          stepIndex: from,
          nextIndex: to,
          waitMin,
          perModelMin,
          models,
          modelsForNone: models + Math.ceil(waitMin / perModelMin - 1e-9),
          filledBy,
          idleMin: Math.max(0, waitMin - worked),
        },
      ];
    });
  });
}

/** A batch in two, and what that is good for. */
export interface SplitProposal {
  pieceId: string;
  /** Models in each part. */
  parts: number[];
  planned: PlannedEvenings;
}

const DRAFTS = 100;

/** Batches that would be done sooner or in fewer evenings if they were worked in two parts. */
export function splitProposals(given: PlanInput): SplitProposal[] {
  const plan = (pieces: readonly Piece[]): PlannedEvenings => planOf({ ...given, pieces }, { start: null, drafts: DRAFTS }).planned;
  const now = plan(given.pieces);
  return given.pieces
    .filter(({ members, archivedOn }) => members.length > 1 && archivedOn === null)
    .flatMap((piece): SplitProposal[] => {
      const halves = splitPiece(piece, `${piece.id}-2`);
      const planned = plan(given.pieces.flatMap((one) => (one.id === piece.id ? halves : [one])));
      // what finds no place costs more than anything else
      const isBetter = planned.cost.total < now.cost.total - 0.05;
      if (!isBetter) return [];
      return [
        {
          pieceId: piece.id,
          parts: halves.map(({ members }) => members.length),
          planned,
        },
      ];
    });
}

/** Two pieces worked in turns, against one after the other. */
export interface Pairing {
  pieceIds: [string, string];
  /** Evenings that both take together, and one after the other. */
  together: number;
  apart: number;
  /** Minutes for which hands rest, together and apart. */
  idleMin: number;
  idleApartMin: number;
}

/** Pieces that fill each other's waits best, the best first: what to have on the bench at the same time. */
export function pairings(given: PlanInput): Pairing[] {
  const open = given.pieces.filter(({ archivedOn, steps }) => archivedOn === null && steps.length > 0);
  const plan = (pieces: readonly Piece[]): PlannedEvenings => planOf({ ...given, pieces }, { start: null }).planned;
  const alone = new Map(open.map((piece) => [piece.id, plan([piece]).cost]));
  const all = open.flatMap((first, i) =>
    open.slice(i + 1).flatMap((second): Pairing[] => {
      const [a, b] = [alone.get(first.id), alone.get(second.id)];
      if (!a || !b) return [];
      const { cost } = plan([first, second]);
      return [
        {
          pieceIds: [first.id, second.id],
          together: cost.evenings,
          apart: a.evenings + b.evenings,
          idleMin: cost.idleMin,
          idleApartMin: a.idleMin + b.idleMin,
        },
      ];
    }),
  );
  const worth = ({ together, apart, idleMin, idleApartMin }: Pairing): number => (apart - together) * 60 + idleApartMin - idleMin;
  return all.filter((one) => worth(one) > 0).sort((x, y) => worth(y) - worth(x));
}
