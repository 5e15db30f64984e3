import { materialById } from '../materials/index.js';
import type { Piece, Step } from '../subjects/index.js';
import { techniqueById } from '../techniques/index.js';
import { subjectOf, zonesNamed } from './subject.js';

const MM2_PER_DM2 = 10_000;

/**
 * Hands-on minutes of a step on one piece: what the painter typed, else a base plus time per area, cover and coat, plus
 * the wait between coats, during which nothing else can be started on it. Whole minutes, at least 1. Common practice.
 */
export function handsOnMinutes(step: Step, piece: Piece): number {
  if (step.handsOnMin !== null) return step.handsOnMin;
  const { handsOn, usualCoverPct } = techniqueById(step.technique);
  const named = new Set(zonesNamed(subjectOf(piece), step.zones).map((zone) => zone.id));
  const areaDm2 = piece.zones.filter((zone) => named.has(zone.id)).reduce((sum, zone) => sum + zone.areaMm2, 0) / MM2_PER_DM2;
  const cover = (step.coverPct ?? usualCoverPct) / 100;
  const perCoat = handsOn.perDm2Min * areaDm2 * Math.max(cover, 0.1);
  return Math.max(1, Math.round(handsOn.baseMin + perCoat * step.coats + betweenCoatsMinutes(step)));
}

/** Waits between the coats of one step, minutes. */
export function betweenCoatsMinutes(step: Step): number {
  const drying = step.material === null ? null : materialById(step.material).drying;
  return drying ? (step.coats - 1) * drying.betweenCoatsMin : 0;
}

/** The same for a whole batch: the base once, the rest per piece; while one coat dries the next piece gets its own. */
export function batchMinutes(step: Step, piece: Piece): number {
  const one = handsOnMinutes(step, piece);
  const count = Math.max(1, piece.members.length);
  if (count === 1) return one;
  const base = step.handsOnMin === null ? techniqueById(step.technique).handsOn.baseMin : 0;
  const waits = step.handsOnMin === null ? betweenCoatsMinutes(step) : 0;
  const work = Math.max(0, one - base - waits) * count;
  return Math.max(1, Math.round(base + Math.max(work, waits + work / Math.max(1, step.coats))));
}
