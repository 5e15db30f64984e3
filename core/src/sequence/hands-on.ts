import { materialById } from '../materials/index.js';
import type { Piece, Step } from '../subjects/index.js';
import { techniqueById } from '../techniques/index.js';
import { subjectOf, zonesNamed } from './subject.js';

const MM2_PER_DM2 = 10_000;
/** A shorter wait between coats is spent at the bench; in a longer one other work goes on (our number). */
const SPENT_AT_BENCH_MIN = 10;
/** However little of a zone is touched, the brush goes over it: least share of its area that takes time (our number). */
const LEAST_COVER = 0.1;

/** Wait between the coats of one step, minutes; 0 for a single coat. */
export function betweenCoatsMinutes(step: Step): number {
  const drying = step.material === null ? null : materialById(step.material).drying;
  return step.coats > 1 && drying ? drying.betweenCoatsMin : 0;
}

/** The coats are laid in sittings of their own, with other work in between. */
export const coatsApart = (step: Step): boolean => betweenCoatsMinutes(step) >= SPENT_AT_BENCH_MIN;

/**
 * Hands-on minutes of a step: what the painter typed, else a base plus time per area, cover and coat, for every piece
 * of the batch, plus waits between coats that are too short for anything else. Whole minutes, at least 1.
 * Common practice; the figures are the technique's.
 */
export function handsOnMinutes(step: Step, piece: Piece): number {
  const pieces = Math.max(1, piece.members.length);
  if (step.handsOnMin !== null) return step.handsOnMin * pieces;
  const { handsOn, usualCoverPct } = techniqueById(step.technique);
  const named = new Set(zonesNamed(subjectOf(piece), step.zones).map((zone) => zone.id));
  const areaDm2 = piece.zones.filter((zone) => named.has(zone.id)).reduce((sum, zone) => sum + zone.areaMm2, 0) / MM2_PER_DM2;
  const cover = Math.max(LEAST_COVER, (step.coverPct ?? usualCoverPct) / 100);
  const work = handsOn.perDm2Min * areaDm2 * cover * step.coats * pieces;
  // while the last piece of a batch gets its coat, the first dries: the short wait is not waited twice
  const idle = coatsApart(step) ? 0 : Math.max(0, betweenCoatsMinutes(step) * (step.coats - 1) - (work * (pieces - 1)) / pieces);
  return Math.max(1, Math.round(handsOn.baseMin + work + idle));
}

/** Minutes of each sitting a step is done in: one, or one a coat. */
export function sittings(step: Step, piece: Piece): number[] {
  const total = handsOnMinutes(step, piece);
  if (!coatsApart(step)) return [total];
  return Array.from({ length: step.coats }, () => Math.max(1, Math.round(total / step.coats)));
}

/** Minutes from the first touch to the last, waits between coats included, if nothing comes between. */
export function elapsedMinutes(step: Step, piece: Piece): number {
  const waits = coatsApart(step) ? betweenCoatsMinutes(step) * (step.coats - 1) : 0;
  return sittings(step, piece).reduce((a, b) => a + b, 0) + waits;
}
