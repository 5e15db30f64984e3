import { incomingOf } from '../sequence/index.js';
import { CATALOGUE, type Supplies } from '../materials/index.js';
import type { Piece, Step } from '../subjects/index.js';
import { DROPS_PER_ML, measuredOf, type DropLiquid, type Mix } from '../mixing/index.js';
import { useOf } from './use.js';

/** Nobody mixes less, and a syringe is read to this step, mL (our number). */
const STEP_ML = 0.5;

export interface MixNeeded {
  totalMl: number;
  paintMl: number;
  thinnerMl: number;
  /** Drops of the paint from the painter's dropper. */
  paintDrops: number;
  thinner: string | null;
  /** Paints in it: more than one is a mix of one's own, which its label tells. */
  paints: number;
  /** Everything that goes into it, to be counted out. */
  portions: { material: string; bottleId: string | null; ml: number }[];
}

/** How much of what to mix for a step, for the whole batch, rounded up; null where nothing liquid is mixed. */
export function mixNeeded(
  step: Step,
  piece: Piece,
  supplies: Supplies = CATALOGUE,
  droppers: Readonly<Record<DropLiquid, number>> = DROPS_PER_ML,
  mixes: readonly Mix[] = [],
): MixNeeded | null {
  const { cup } = useOf(step, piece, { supplies, droppers, mixes });
  if (!cup || !incomingOf(step, supplies).material?.drying) return null;
  const totalMl = Math.max(STEP_ML, Math.ceil((cup.laidMl + cup.residueMl) / STEP_ML) * STEP_ML);
  const isThinner = ({ material }: { material: string }): boolean => supplies.material(material).role === 'thinner';
  const thinner = cup.components.find(isThinner);
  const thinnerMl = cup.components.filter(isThinner).reduce((sum, { parts }) => sum + parts, 0) * totalMl;
  const paintMl = totalMl - thinnerMl;
  const paint = { material: step.material ?? '', bottleId: step.bottleId };
  return {
    totalMl,
    paintMl,
    thinnerMl,
    paintDrops: Math.round(paintMl * measuredOf(paint, supplies, droppers).dropsPerMl),
    thinner: thinner ? supplies.material(thinner.material).name : null,
    portions: cup.components.map(({ material, bottleId, parts }) => ({ material, bottleId, ml: parts * totalMl })),
    paints: cup.components.filter((component) => !isThinner(component)).length,
  };
}
