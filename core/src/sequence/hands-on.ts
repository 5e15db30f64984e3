import { CATALOGUE, type Supplies } from '../materials/index.js';
import { modelsOf, type Piece, type Step } from '../subjects/index.js';
import { techniqueById } from '../techniques/index.js';
import { incomingOf } from './incoming.js';
import { subjectOf, zonesNamed } from './subject.js';

const MM2_PER_DM2 = 10_000;
/** A shorter wait between coats is spent at the bench; in a longer one other work goes on (our number). */
const SPENT_AT_BENCH_MIN = 10;
/** However little of a zone is touched, the brush goes over it: least share of its area that takes time (our number). */
const LEAST_COVER = 0.1;

/** What minutes depend on besides the step: what it is done with, and how many models the booth takes at once. */
export interface HandsOnBench {
  supplies: Supplies;
  boothModels: number;
}

const ROOMY: HandsOnBench = { supplies: CATALOGUE, boothModels: Infinity };

/** Wait between the coats of one step, minutes; 0 for a single coat. */
export function betweenCoatsMinutes(step: Step, { supplies }: Pick<HandsOnBench, 'supplies'> = ROOMY): number {
  const drying = incomingOf(step, supplies).material?.drying;
  return step.coats > 1 && drying ? drying.betweenCoatsMin : 0;
}

/** The coats are laid in sittings of their own, with other work in between. */
export const coatsApart = (step: Step, bench: Pick<HandsOnBench, 'supplies'> = ROOMY): boolean =>
  betweenCoatsMinutes(step, bench) >= SPENT_AT_BENCH_MIN;

/**
 * Hands-on minutes of a step: what the painter typed, else a base plus time per area, cover and coat, for every piece
 * of the batch that it is done on, plus waits between coats that are too short for anything else. What is sprayed gets
 * the base once for each load of the booth. What the bench has learnt scales it. Whole minutes, at least 1. Common practice; the figures are the technique's.
 */
export function handsOnMinutes(step: Step, piece: Piece, bench: HandsOnBench = ROOMY): number {
  const models = modelsOf(step, piece);
  if (step.handsOnMin !== null) return step.handsOnMin * models;
  const { handsOn, usualCoverPct } = techniqueById(step.technique);
  const named = new Set(zonesNamed(subjectOf(piece), step.zones).map((zone) => zone.id));
  const areaDm2 = piece.zones.filter((zone) => named.has(zone.id)).reduce((sum, zone) => sum + zone.areaMm2, 0) / MM2_PER_DM2;
  const cover = Math.max(LEAST_COVER, (step.coverPct ?? usualCoverPct) / 100);
  const work = handsOn.perDm2Min * areaDm2 * cover * step.coats * models;
  const { sprayed, tool } = incomingOf(step, bench.supplies);
  const loads = sprayed ? Math.ceil(models / bench.boothModels) : 1;
  const pace = bench.supplies.pace?.minutesFactorOf(step.technique, tool) ?? 1;
  // while the last piece of a batch gets its coat, the first dries: the short wait is not waited twice
  const idle = coatsApart(step, bench)
    ? 0
    : Math.max(0, betweenCoatsMinutes(step, bench) * (step.coats - 1) - (work * (models - 1)) / models);
  return Math.max(1, Math.round((handsOn.baseMin * Math.max(1, loads) + work) * pace + idle));
}

/** Minutes of each sitting a step is done in: one, or one a coat. */
export function sittings(step: Step, piece: Piece, bench: HandsOnBench = ROOMY): number[] {
  const total = handsOnMinutes(step, piece, bench);
  if (!coatsApart(step, bench)) return [total];
  return Array.from({ length: step.coats }, () => Math.max(1, Math.round(total / step.coats)));
}

/** Minutes from the first touch to the last, waits between coats included, if nothing comes between. */
export function elapsedMinutes(step: Step, piece: Piece, bench: HandsOnBench = ROOMY): number {
  const waits = coatsApart(step, bench) ? betweenCoatsMinutes(step, bench) * (step.coats - 1) : 0;
  return sittings(step, piece, bench).reduce((a, b) => a + b, 0) + waits;
}
