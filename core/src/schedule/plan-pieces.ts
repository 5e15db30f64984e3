import { airOverEvenings, type Air } from '../climate/index.js';
import { quantileFactor } from '../drying/index.js';
import {
  betweenCoatsMinutes,
  checkWithFixes,
  elapsedMinutes,
  expandRounds,
  handsOnMinutes,
  incomingOf,
  relativeOpenings,
  sittings,
  subjectOf,
  type Finding,
  type RelativeOpening,
  type SequenceProblem,
  type StepReport,
} from '../sequence/index.js';
import type { Piece, Step } from '../subjects/index.js';
import { daylightFrom, eveningsFrom } from './calendar.js';
import { minuteOf } from './dates.js';
import { planEvenings } from './planner.js';
import type { Lag, LagWindow, Operation, Placed, Plan, PlanningProblem } from './problem.js';
import type { Workshop } from './workshop.js';

/** How far ahead evenings are laid out, days. */
export const HORIZON_DAYS = 120;

/** What the painter sees of one piece: its steps as done, when, and what would go wrong. */
export interface PieceOutlook {
  pieceId: string;
  steps: Step[];
  reports: StepReport[];
  findings: Finding[];
  /** Hands-on minutes of each step, for the whole batch. */
  handsOnMin: number[];
  /** False where the plan found no place for a step; it is then shown as soon as drying allows. */
  placed: boolean[];
}

export interface Outlook {
  originDate: string;
  plan: Plan;
  evenings: PlanningProblem['evenings'];
  pieces: PieceOutlook[];
}

/** One sitting of one step: the n-th coat where coats are laid apart, else the whole step. */
const operationId = (piece: Piece, index: number, sitting: number): string => `${piece.id}/${String(index)}/${String(sitting)}`;

/** Reads an operation's id back. */
export function operationOf(id: string): { pieceId: string; stepIndex: number; sitting: number } {
  const [pieceId = '', stepIndex = '', sitting = ''] = id.split('/');
  return { pieceId, stepIndex: Number(stepIndex), sitting: Number(sitting) };
}

const placesOf = (workshop: Workshop): Record<string, Air> =>
  Object.fromEntries(workshop.climate.places.map((place) => [place.id, place.air]));

function operationsOf(piece: Piece, steps: readonly Step[], originDate: string): Operation[] {
  return steps.flatMap((step, index) => {
    const airbrush = incomingOf(step).tool === 'airbrush';
    return sittings(step, piece).map((durationMin, sitting): Operation => ({
      id: operationId(piece, index, sitting),
      job: piece.id,
      durationMin,
      resources: airbrush ? ['hands', 'airbrush'] : ['hands'],
      colour: airbrush ? (step.bottleId ?? `${step.material ?? ''} ${step.colour ?? ''}`) : null,
      daylight: step.daylight,
      pinnedMin: step.pinnedAt === null || sitting > 0 ? null : minuteOf(originDate, step.pinnedAt),
      waitMin: sitting === 0 ? (step.waitMin ?? 0) : 0,
    }));
  });
}

const always = (minutes: number): LagWindow => ({ open: { eveningMin: minutes, nightMin: minutes }, close: null });

/** The openings in evening air and in night air make the windows of one lag; `factor` is for careful drying times. */
function lagsOf(piece: Piece, steps: readonly Step[], workshop: Workshop): Lag[] {
  const subject = subjectOf(piece);
  const places = placesOf(workshop);
  const factor = quantileFactor(workshop.careful ? 'p80' : 'p50');
  const pair = (o: RelativeOpening): string => `${String(o.fromIndex)}:${String(o.toIndex)}`;
  const evening = relativeOpenings(subject, steps, workshop.climate.evening, places);
  const night = new Map(relativeOpenings(subject, steps, workshop.climate.night, places).map((o) => [pair(o), o]));
  const lastSitting = steps.map((step) => sittings(step, piece).length - 1);
  const between = evening.map((opening) => ({
    from: operationId(piece, opening.fromIndex, lastSitting[opening.fromIndex] ?? 0),
    to: operationId(piece, opening.toIndex, 0),
    windows: windowsOf(opening, night.get(pair(opening)) ?? opening, factor),
  }));
  const coats = steps.flatMap((step, index) =>
    Array.from({ length: lastSitting[index] ?? 0 }, (_, n): Lag => ({
      from: operationId(piece, index, n),
      to: operationId(piece, index, n + 1),
      windows: [always(betweenCoatsMinutes(step) * factor)],
    })),
  );
  return [...between, ...coats];
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
export function sequenceProblem(
  piece: Piece,
  workshop: Workshop,
  evenings: PlanningProblem['evenings'],
  placed: ReadonlyMap<string, Placed>,
): SequenceProblem {
  const steps = expandRounds(piece.steps, piece.groups);
  const spans = steps.map((step, index) => {
    const first = placed.get(operationId(piece, index, 0));
    const last = placed.get(operationId(piece, index, sittings(step, piece).length - 1));
    return first && last
      ? { startMin: first.startMin, minutes: last.endMin - first.startMin }
      : { startMin: null, minutes: elapsedMinutes(step, piece) };
  });
  return {
    subject: subjectOf(piece),
    steps,
    startsMin: spans.map((span) => span.startMin),
    durationsMin: spans.map((span) => span.minutes),
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
  const placed = new Map(plan.placed.map((p) => [p.id, p]));
  return {
    originDate,
    plan,
    evenings: problem.evenings,
    pieces: pieces.map((piece) => outlookOf(piece, sequenceProblem(piece, workshop, problem.evenings, placed))),
  };
}

function outlookOf(piece: Piece, sequence: SequenceProblem): PieceOutlook {
  const { steps: reports, findings } = checkWithFixes(sequence);
  return {
    pieceId: piece.id,
    steps: [...sequence.steps],
    reports,
    findings,
    handsOnMin: sequence.steps.map((step) => handsOnMinutes(step, piece)),
    placed: sequence.startsMin.map((start) => start !== null),
  };
}
