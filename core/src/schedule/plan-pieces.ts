import { airOverEvenings, type Air } from '../climate/index.js';
import { quantileFactor } from '../drying/index.js';
import { batchMinutes, checkSequence, expandRounds, incomingOf, relativeOpenings, subjectOf, withCuringFixes, type Finding, type RelativeOpening, type SequenceProblem, type StepReport } from '../sequence/index.js';
import type { Piece, Step } from '../subjects/index.js';
import { daylightFrom, eveningsFrom } from './calendar.js';
import { minuteOf } from './dates.js';
import { planEvenings } from './planner.js';
import type { Lag, LagWindow, Operation, Plan, PlanningProblem } from './problem.js';
import type { Workshop } from './workshop.js';

/** How far ahead evenings are laid out, days. */
export const HORIZON_DAYS = 120;

/** What the painter sees of one piece: its steps as done, when, and what would go wrong. */
export interface PieceOutlook {
  pieceId: string;
  steps: Step[];
  reports: StepReport[];
  findings: Finding[];
  durationsMin: number[];
  /** False where the plan found no place for a step; it is then shown as soon as drying allows. */
  placed: boolean[];
}

export interface Outlook {
  originDate: string;
  plan: Plan;
  evenings: PlanningProblem['evenings'];
  pieces: PieceOutlook[];
}

const operationId = (piece: Piece, index: number): string => `${piece.id}/${String(index)}`;

const placesOf = (workshop: Workshop): Record<string, Air> => Object.fromEntries(workshop.climate.places.map((place) => [place.id, place.air]));

function operationsOf(piece: Piece, steps: readonly Step[], originDate: string): Operation[] {
  return steps.map((step, index) => {
    const incoming = incomingOf(step);
    const airbrush = incoming.tool === 'airbrush';
    return {
      id: operationId(piece, index),
      job: piece.id,
      durationMin: batchMinutes(step, piece),
      resources: airbrush ? ['hands', 'airbrush'] : ['hands'],
      colour: airbrush ? (step.bottleId ?? `${step.material ?? ''} ${step.colour ?? ''}`) : null,
      daylight: step.daylight,
      pinnedMin: step.pinnedAt === null ? null : minuteOf(originDate, step.pinnedAt),
      waitMin: step.waitMin ?? 0,
    };
  });
}

/** The openings in evening air and in night air make the windows of one lag; `factor` is for careful drying times. */
function lagsOf(piece: Piece, steps: readonly Step[], workshop: Workshop): Lag[] {
  const subject = subjectOf(piece);
  const places = placesOf(workshop);
  const factor = quantileFactor(workshop.careful ? 'p80' : 'p50');
  const evening = relativeOpenings(subject, steps, workshop.climate.evening, places);
  const night = new Map(relativeOpenings(subject, steps, workshop.climate.night, places).map((o) => [`${String(o.fromIndex)}:${String(o.toIndex)}`, o]));
  return evening.map((opening) => ({
    from: operationId(piece, opening.fromIndex),
    to: operationId(piece, opening.toIndex),
    windows: windowsOf(opening, night.get(`${String(opening.fromIndex)}:${String(opening.toIndex)}`) ?? opening, factor),
  }));
}

function windowsOf(evening: RelativeOpening, night: RelativeOpening, factor: number): LagWindow[] {
  return evening.list.map((gap, i) => {
    const dark = night.list[i] ?? gap;
    return {
      open: { eveningMin: gap.fromMin * factor, nightMin: dark.fromMin * factor },
      close: Number.isFinite(gap.toMin) ? { eveningMin: gap.toMin, nightMin: dark.toMin } : null,
    };
  });
}

/** The planning problem of some pieces, from a minute of an origin date on. */
export function planningProblem(pieces: readonly Piece[], workshop: Workshop, originDate: string, nowMin: number): PlanningProblem {
  const expanded = pieces.map((piece) => ({ piece, steps: expandRounds(piece.steps, piece.groups) }));
  return {
    operations: expanded.flatMap(({ piece, steps }) => operationsOf(piece, steps, originDate)),
    lags: expanded.flatMap(({ piece, steps }) => lagsOf(piece, steps, workshop)),
    evenings: eveningsFrom(workshop, originDate, HORIZON_DAYS),
    daylight: daylightFrom(workshop, HORIZON_DAYS),
    notBeforeMin: nowMin,
    airbrushCleanMin: workshop.airbrushCleanMin,
  };
}

/** The steps of a piece at the minutes a plan gives them, in the bench's air. */
export function sequenceProblem(piece: Piece, workshop: Workshop, evenings: PlanningProblem['evenings'], starts: ReadonlyMap<string, number>): SequenceProblem {
  const steps = expandRounds(piece.steps, piece.groups);
  return {
    subject: subjectOf(piece),
    steps,
    startsMin: steps.map((_, index) => starts.get(operationId(piece, index)) ?? null),
    durationsMin: steps.map((step) => batchMinutes(step, piece)),
    bench: airOverEvenings(workshop.climate, evenings),
    places: placesOf(workshop),
  };
}

/**
 * Places the steps of all pieces into the painter's evenings and checks every sequence at the times it then has.
 * @throws RangeError when a piece names a technique, material or substrate that is not known.
 */
export function planPieces(pieces: readonly Piece[], workshop: Workshop, originDate: string, nowMin: number): Outlook {
  const problem = planningProblem(pieces, workshop, originDate, nowMin);
  const plan = planEvenings(problem);
  const starts = new Map(plan.placed.map((p) => [p.id, p.startMin]));
  return {
    originDate,
    plan,
    evenings: problem.evenings,
    pieces: pieces.map((piece) => {
      const sequence = sequenceProblem(piece, workshop, problem.evenings, starts);
      const { steps: reports, findings } = checkSequence(sequence);
      return {
        pieceId: piece.id,
        steps: [...sequence.steps],
        reports,
        findings: withCuringFixes(sequence, findings),
        durationsMin: [...sequence.durationsMin],
        placed: sequence.startsMin.map((start) => start !== null),
      };
    }),
  };
}
