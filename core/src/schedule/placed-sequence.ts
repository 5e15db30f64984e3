import { airOverEvenings } from '../climate/index.js';
import type { Supplies } from '../materials/index.js';
import { elapsedMinutes, subjectOf, type SequenceProblem } from '../sequence/index.js';
import type { Placed } from '../solver/index.js';
import type { Piece } from '../subjects/index.js';
import { daysBetween, type Interval } from '../units/index.js';
import { pastEvenings } from './begun.js';
import { companyOf, vapoursBeside } from './company.js';
import { doingOf, type Doing } from './doing.js';
import { operationId } from './operation-id.js';
import { benchOf, placesOf, type Bench } from './problem.js';
import { allSittings } from './sittings.js';
import type { Workshop } from './workshop.js';

/** Where and when the steps of a piece are carried out. */
export interface Placing {
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
  const { doings = [doingOf(piece, [], placing.originDate)], begun = new Map<string, Interval>() } = placing;
  const own = doings.find((doing) => doing.piece.id === piece.id);
  if (!own) throw new RangeError(`piece must be one of those that are placed, got '${piece.id}'`);
  return problemFor(own, { ...placing, doings, begun }, aroundOf({ ...placing, doings }));
}

/** What all pieces share: made once for all of them. */
export interface Around {
  bench: Bench;
  air: SequenceProblem['bench'];
  places: SequenceProblem['places'];
  severities: NonNullable<SequenceProblem['severities']>;
}

export function aroundOf(
  { workshop, supplies, originDate, evenings, doings }: Omit<Required<Placing>, 'placed' | 'begun'>,
  bench = benchOf(workshop, supplies),
): Around {
  return {
    bench,
    air: airOverEvenings(workshop.climate, [...pastEvenings(workshop, originDate, doings), ...evenings]),
    places: placesOf(workshop),
    severities: Object.fromEntries(workshop.rules.map(({ rule, severity }) => [rule, severity])),
  };
}

/** The same with what all pieces share at hand. */
export function problemFor(
  doing: Doing,
  { workshop, supplies, originDate, placed, doings, begun }: Required<Placing>,
  { bench, air, places, severities }: Around,
): SequenceProblem {
  const { piece, steps, dryFactors } = doing;
  const spanOf = (one: Piece, index: number, sitting: number): Interval | null => {
    const id = operationId(one, index, sitting);
    const planned = placed.get(id);
    return begun.get(id) ?? (planned ? { fromMin: planned.startMin, toMin: planned.endMin } : null);
  };
  const sittings = allSittings(doing, bench);
  const spans = steps.map((step, index) => {
    const all = sittings[index] ?? [];
    const first = spanOf(piece, index, all[0]?.sitting ?? 0);
    const last = spanOf(piece, index, all.at(-1)?.sitting ?? 0);
    return { startMin: first?.fromMin ?? null, minutes: first && last ? last.toMin - first.fromMin : elapsedMinutes(step, piece, bench) };
  });
  const endsOf = (other: Doing, index: number): number[] =>
    (allSittings(other, bench)[index] ?? []).flatMap(({ sitting }) => spanOf(other.piece, index, sitting)?.toMin ?? []);
  return {
    subject: {
      ...subjectOf(piece),
      company: {
        ...companyOf(piece, doings, (other, index) => spanOf(other, index, 0)?.fromMin ?? null),
        vapours: vapoursBeside(doing, doings, supplies, endsOf),
      },
    },
    steps,
    dryFactors,
    startsMin: spans.map((span) => span.startMin),
    durationsMin: spans.map((span) => span.minutes),
    bench: air,
    places,
    supplies,
    schools: workshop.schools,
    severities,
    waivers: piece.waivers,
    bottleAgesDays: steps.map((step) => {
      const openedOn = supplies.bottle(step.bottleId)?.openedOn ?? null;
      return openedOn === null ? null : daysBetween(openedOn, originDate);
    }),
  };
}
