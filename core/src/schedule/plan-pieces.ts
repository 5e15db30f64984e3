import { airOverEvenings, type Air } from '../climate/index.js';
import { suppliesOf, type Shelf, type Supplies } from '../materials/index.js';
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
  type HandsOnBench,
  type RelativeOpening,
  type SequenceProblem,
} from '../sequence/index.js';
import type { Piece, Step } from '../subjects/index.js';
import { daylightFrom, eveningsFrom } from './calendar.js';
import { companyOf } from './company.js';
import { daysBetween, minuteOf } from './dates.js';
import type { Outlook, PieceOutlook } from './outlook.js';
import { overfull } from './overfull.js';
import { planEvenings } from './planner.js';
import type { Lag, LagWindow, Operation, Placed, PlanningProblem } from './problem.js';
import type { Workshop } from './workshop.js';

/** How far ahead evenings are laid out, days. */
export const HORIZON_DAYS = 120;

/** What the steps of all pieces are reckoned with. */
interface Bench extends HandsOnBench {
  workshop: Workshop;
}

const benchOf = (workshop: Workshop, supplies: Supplies): Bench => ({ workshop, supplies, boothModels: workshop.equipment.boothModels });

/** One sitting of one step: the n-th coat where coats are laid apart, else the whole step. */
const operationId = (piece: Piece, index: number, sitting: number): string => `${piece.id}/${String(index)}/${String(sitting)}`;

/** Reads an operation's id back. */
export function operationOf(id: string): { pieceId: string; stepIndex: number; sitting: number } {
  const [pieceId = '', stepIndex = '', sitting = ''] = id.split('/');
  return { pieceId, stepIndex: Number(stepIndex), sitting: Number(sitting) };
}

const placesOf = (workshop: Workshop): Record<string, Air> =>
  Object.fromEntries(workshop.climate.places.map((place) => [place.id, place.air]));

function operationsOf(piece: Piece, steps: readonly Step[], originDate: string, bench: Bench): Operation[] {
  return steps.flatMap((step, index) => {
    const airbrush = incomingOf(step, bench.supplies).tool === 'airbrush';
    return sittings(step, piece, bench).map((durationMin, sitting): Operation => ({
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
function lagsOf(piece: Piece, steps: readonly Step[], bench: Bench): Lag[] {
  const { workshop, supplies } = bench;
  const subject = subjectOf(piece);
  const places = placesOf(workshop);
  const factor = quantileFactor(workshop.careful ? 'p80' : 'p50');
  const pair = (o: RelativeOpening): string => `${String(o.fromIndex)}:${String(o.toIndex)}`;
  const evening = relativeOpenings(subject, steps, workshop.climate.evening, places, supplies);
  const night = new Map(relativeOpenings(subject, steps, workshop.climate.night, places, supplies).map((o) => [pair(o), o]));
  const lastSitting = steps.map((step) => sittings(step, piece, bench).length - 1);
  const between = evening.map((opening) => ({
    from: operationId(piece, opening.fromIndex, lastSitting[opening.fromIndex] ?? 0),
    to: operationId(piece, opening.toIndex, 0),
    windows: windowsOf(opening, night.get(pair(opening)) ?? opening, factor),
  }));
  const coats = steps.flatMap((step, index) =>
    Array.from({ length: lastSitting[index] ?? 0 }, (_, n): Lag => ({
      from: operationId(piece, index, n),
      to: operationId(piece, index, n + 1),
      windows: [always(betweenCoatsMinutes(step, bench) * factor)],
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
export function planningProblem(
  pieces: readonly Piece[],
  workshop: Workshop,
  supplies: Supplies,
  originDate: string,
  nowMin: number,
): PlanningProblem {
  const bench = benchOf(workshop, supplies);
  const expanded = pieces.map((piece) => ({ piece, steps: expandRounds(piece.steps, piece.groups) }));
  return {
    operations: expanded.flatMap(({ piece, steps }) => operationsOf(piece, steps, originDate, bench)),
    lags: expanded.flatMap(({ piece, steps }) => lagsOf(piece, steps, bench)),
    evenings: eveningsFrom(workshop, originDate, HORIZON_DAYS),
    daylight: daylightFrom(workshop, originDate, HORIZON_DAYS),
    notBeforeMin: nowMin,
    resources: workshop.equipment.airbrush ? ['hands', 'airbrush'] : ['hands'],
    airbrushCleanMin: workshop.airbrushCleanMin,
  };
}

/** Where and when the steps of a piece are carried out. */
interface Placing {
  workshop: Workshop;
  supplies: Supplies;
  originDate: string;
  evenings: PlanningProblem['evenings'];
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
  const plan = planEvenings(problem);
  const placed = new Map(plan.placed.map((p) => [p.id, p]));
  const placing = { workshop, supplies, originDate, evenings: problem.evenings, placed, pieces: open };
  const outlooks = open.map((piece) => outlookOf(piece, sequenceProblem(piece, placing), benchOf(workshop, supplies)));
  return { originDate, plan, evenings: problem.evenings, pieces: outlooks, overfull: overfull(open, outlooks, workshop) };
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
