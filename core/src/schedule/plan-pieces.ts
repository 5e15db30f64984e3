import { suppliesOf, type Shelf, type Supplies } from '../materials/index.js';
import { airOverEvenings } from '../climate/index.js';
import {
  checkWithFixes,
  elapsedMinutes,
  expandRounds,
  handsOnMinutes,
  sittings,
  subjectOf,
  type SequenceProblem,
} from '../sequence/index.js';
import { planEvenings, type Placed } from '../solver/index.js';
import type { Interval } from '../units/index.js';
import type { Piece } from '../subjects/index.js';
import { companyOf } from './company.js';
import { daysBetween } from './dates.js';
import { startFrom } from './kept-plan.js';
import type { Outlook, PieceOutlook } from './outlook.js';
import { overfull } from './overfull.js';
import { benchOf, operationId, placesOf, planningProblem, type Bench } from './problem.js';
import type { Workshop } from './workshop.js';

/** Where and when the steps of a piece are carried out. */
interface Placing {
  workshop: Workshop;
  supplies: Supplies;
  originDate: string;
  evenings: readonly Interval[];
  placed: ReadonlyMap<string, Placed>;
  /** All pieces, for what they have in common. */
  pieces?: readonly Piece[];
}

/** The steps of a piece at the minutes a plan gives them, in the bench's air. */
export function sequenceProblem(piece: Piece, placing: Placing): SequenceProblem {
  const { workshop, supplies, originDate, evenings, placed, pieces = [piece] } = placing;
  const bench = benchOf(workshop, supplies);
  const steps = expandRounds(piece.steps, piece.groups);
  const spans = steps.map((step, index) => {
    const first = placed.get(operationId(piece, index, 0));
    const last = placed.get(operationId(piece, index, sittings(step, piece, bench).length - 1));
    return first && last
      ? { startMin: first.startMin, minutes: last.endMin - first.startMin }
      : { startMin: null, minutes: elapsedMinutes(step, piece, bench) };
  });
  return {
    subject: {
      ...subjectOf(piece),
      company: companyOf(piece, pieces, (other, index) => placed.get(operationId(other, index, 0))?.startMin ?? null),
    },
    steps,
    startsMin: spans.map((span) => span.startMin),
    durationsMin: spans.map((span) => span.minutes),
    bench: airOverEvenings(workshop.climate, evenings),
    places: placesOf(workshop),
    supplies,
    schools: workshop.schools,
    severities: Object.fromEntries(workshop.rules.map(({ rule, severity }) => [rule, severity])),
    waivers: piece.waivers,
    bottleAgesDays: steps.map((step) => {
      const openedOn = supplies.bottle(step.bottleId)?.openedOn ?? null;
      return openedOn === null ? null : daysBetween(openedOn, originDate);
    }),
  };
}

/**
 * Places the steps of all pieces into the painter's evenings and checks every sequence at the times it then has. What is
 * archived takes no evening. @throws RangeError when a piece names a technique, material or substrate that is not known.
 */
export function planPieces(pieces: readonly Piece[], workshop: Workshop, shelf: Shelf, originDate: string, nowMin: number): Outlook {
  const supplies = suppliesOf(shelf);
  const open = pieces.filter((piece) => piece.archivedOn === null);
  const problem = planningProblem(open, workshop, supplies, originDate, nowMin);
  const { wishes, kept } = workshop.planning;
  const { plan, cost, bounds } = planEvenings(problem, { wishes, start: kept && startFrom(kept, open, originDate) });
  const evenings = problem.calendar?.evenings ?? [];
  const placed = new Map(plan.placed.map((p) => [p.id, p]));
  const placing = { workshop, supplies, originDate, evenings, placed, pieces: open };
  const outlooks = open.map((piece) => outlookOf(piece, sequenceProblem(piece, placing), benchOf(workshop, supplies)));
  return { originDate, plan, cost, bounds, evenings, pieces: outlooks, overfull: overfull(open, outlooks, workshop) };
}

function outlookOf(piece: Piece, sequence: SequenceProblem, bench: Bench): PieceOutlook {
  const { steps: reports, findings } = checkWithFixes(sequence);
  return {
    pieceId: piece.id,
    steps: [...sequence.steps],
    reports,
    findings,
    handsOnMin: sequence.steps.map((step) => handsOnMinutes(step, piece, bench)),
    placed: sequence.startsMin.map((start) => start !== null),
  };
}
