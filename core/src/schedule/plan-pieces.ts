import type { Supplies } from '../materials/index.js';
import { airOverEvenings } from '../climate/index.js';
import { checkWithFixes, elapsedMinutes, handsOnMinutes, sittings, subjectOf, type SequenceProblem } from '../sequence/index.js';
import type { Placed } from '../solver/index.js';
import { daysBetween, type Interval } from '../units/index.js';
import type { Piece } from '../subjects/index.js';
import { begunOf, pastEvenings } from './begun.js';
import { companyOf } from './company.js';
import { doingOf, doingsOf, type Doing } from './doing.js';
import { benchSupplies, planOf, type Given } from './given.js';
import type { Outlook, PieceOutlook } from './outlook.js';
import type { OutlookMemory } from './outlook-memory.js';
import { overfull } from './overfull.js';
import { operationId } from './operation-id.js';
import { cleaningBefore, stillOwed } from './cleaning-owed.js';
import { benchOf, placesOf, sprayedOf } from './problem.js';
import type { Workshop } from './workshop.js';

/** Where and when the steps of a piece are carried out. */
interface Placing {
  workshop: Workshop;
  supplies: Supplies;
  originDate: string;
  evenings: readonly Interval[];
  placed: ReadonlyMap<string, Placed>;
  /** All pieces as they stand, for what they have in common; left out: this one alone, with nothing done. */
  doings?: readonly Doing[];
  /** What has begun, at its real minutes, by operation. */
  begun?: ReadonlyMap<string, Interval>;
}

/** The steps of a piece at the minutes a plan gives them, or at which they were done, in the bench's air. */
export function sequenceProblem(piece: Piece, placing: Placing): SequenceProblem {
  const {
    workshop,
    supplies,
    originDate,
    placed,
    doings = [doingOf(piece, [], originDate)],
    begun = new Map<string, Interval>(),
  } = placing;
  const bench = benchOf(workshop, supplies);
  const own = doings.find((doing) => doing.piece.id === piece.id);
  if (!own) throw new RangeError(`piece must be one of those that are placed, got '${piece.id}'`);
  const { steps, dryFactors } = own;
  const spanOf = (one: Piece, index: number, sitting: number): Interval | null => {
    const id = operationId(one, index, sitting);
    const planned = placed.get(id);
    return begun.get(id) ?? (planned ? { fromMin: planned.startMin, toMin: planned.endMin } : null);
  };
  const spans = steps.map((step, index) => {
    const first = spanOf(piece, index, 0);
    const last = spanOf(piece, index, sittings(step, piece, bench).length - 1);
    return { startMin: first?.fromMin ?? null, minutes: first && last ? last.toMin - first.fromMin : elapsedMinutes(step, piece, bench) };
  });
  const evenings = [...pastEvenings(workshop, originDate, doings), ...placing.evenings];
  return {
    subject: {
      ...subjectOf(piece),
      company: companyOf(piece, doings, (other, index) => spanOf(other, index, 0)?.fromMin ?? null),
    },
    steps,
    dryFactors,
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
 * archived takes no evening. With a `memory` the outlook of a piece that nothing has changed for is the same object as before. @throws RangeError when a piece names a technique, material or substrate that is not known.
 */
export function planPieces(given: Given, memory?: OutlookMemory): Outlook {
  const { workshop, log, originDate, nowMin, supplies = benchSupplies(given) } = given;
  const {
    open,
    problem,
    planned: { plan, cost, bounds },
  } = planOf({ ...given, supplies });
  const evenings = problem.calendar?.evenings ?? [];
  const placed = new Map(plan.placed.map((p) => [p.id, p]));
  const doings = doingsOf(open, log, originDate);
  const bench = benchOf(workshop, supplies);
  const begun = begunOf(doings, bench, nowMin);
  const owed = problem.setup && stillOwed(sprayedOf(doings, bench, begun), problem.setup, nowMin);
  const next = owed && problem.operations.find(({ id }) => id === firstOf(plan.placed)?.id);
  const cleaning = problem.setup && owed && cleaningBefore(next ?? null, owed, problem.setup);
  const placing = { workshop, supplies, originDate, evenings, placed, doings, begun };
  const evenKey = JSON.stringify(evenings);
  const outlooks = doings.map((doing) => {
    const sequence = sequenceProblem(doing.piece, placing);
    const look = () => outlookOf(doing, sequence, placing);
    return memory ? memory.recall(doing.piece, [workshop, supplies], keyOf(doing, sequence, placing) + evenKey, look) : look();
  });
  // what is being cleaned away now is in no plan any more, but takes its time
  const withCleaning = cleaning ? { ...plan, cleanings: [cleaning, ...plan.cleanings] } : plan;
  return { originDate, plan: withCleaning, cost, bounds, evenings, pieces: outlooks, overfull: overfull(open, outlooks, workshop) };
}

const firstOf = (placed: readonly Placed[]): Placed | undefined =>
  placed.reduce<Placed | undefined>((first, one) => (first && first.startMin <= one.startMin ? first : one), undefined);

/** All that the outlook of a piece hangs on besides the piece, the workshop and what is on the shelf. */
function keyOf(
  { piece, steps, progress }: Doing,
  sequence: SequenceProblem,
  { originDate, workshop, supplies, begun }: Required<Placing>,
): string {
  const bench = benchOf(workshop, supplies);
  const done = steps.map((step, index) =>
    sittings(step, piece, bench).map((_, sitting) => {
      const span = begun.get(operationId(piece, index, sitting));
      return span ? [span.fromMin, span.toMin, progress.sat(step.id, sitting)?.endMin === null] : 0;
    }),
  );
  const { subject, startsMin, durationsMin, dryFactors, bottleAgesDays } = sequence;
  return JSON.stringify([
    originDate,
    steps.map(({ id }) => id),
    done,
    subject.company,
    startsMin,
    durationsMin,
    dryFactors,
    bottleAgesDays,
  ]);
}

function outlookOf(
  { piece, progress, dryFactors }: Doing,
  sequence: SequenceProblem,
  { workshop, supplies, begun }: Pick<Placing, 'workshop' | 'supplies'> & { begun: ReadonlyMap<string, Interval> },
): PieceOutlook {
  const bench = benchOf(workshop, supplies);
  const { steps: reports, findings } = checkWithFixes(sequence);
  return {
    pieceId: piece.id,
    steps: [...sequence.steps],
    reports,
    findings,
    handsOnMin: sequence.steps.map((step) => handsOnMinutes(step, piece, bench)),
    sittings: sequence.steps.map((step, index) =>
      sittings(step, piece, bench).map((minutes, sitting) => {
        const span = begun.get(operationId(piece, index, sitting));
        return { minutes, begun: span ? { ...span, isRunning: progress.sat(step.id, sitting)?.endMin === null } : null };
      }),
    ),
    dryPaces: sequence.steps.map((step, index) => (supplies.pace?.dryingFactorOf(step) ?? 1) * (dryFactors[index] ?? 1)),
    placed: sequence.startsMin.map((start) => start !== null),
  };
}
