import { incomingOf, subjectOf, zonesNamed } from '../sequence/index.js';
import { CATALOGUE, type Supplies } from '../materials/index.js';
import { modelsOf, type Piece, type Step } from '../subjects/index.js';
import { DROPS_PER_ML, dilutionShares, solidsOfMixPct, volumesForTarget, type DropLiquid } from '../mixing/index.js';
import { paintNeededMl } from './coverage.js';

/** Share of the paint that lands on the piece, %, by tool, and what stays in cup or brush, mL. From memory. */
const LOSSES: Record<string, { lostPct: number; residueMl: number }> = {
  airbrush: { lostPct: 50, residueMl: 0.5 },
  aerosol: { lostPct: 60, residueMl: 0 },
};
const BRUSH_LOSS = { lostPct: 5, residueMl: 0.2 };
/** Nobody mixes less, and a syringe is read to this step, mL (our number). */
const STEP_ML = 0.5;

export interface MixNeeded {
  totalMl: number;
  paintMl: number;
  thinnerMl: number;
  /** Drops of the paint from the painter's dropper. */
  paintDrops: number;
  thinner: string | null;
}

/** How much of what to mix for a step, for the whole batch, rounded up; null where nothing liquid is mixed. */
export function mixNeeded(
  step: Step,
  piece: Piece,
  supplies: Supplies = CATALOGUE,
  droppers: Readonly<Record<DropLiquid, number>> = DROPS_PER_ML,
): MixNeeded | null {
  const incoming = incomingOf(step, supplies);
  const { material } = incoming;
  if (!material?.drying || material.aerosol || material.role === 'thinner' || material.role === 'decal' || material.volumeSolidsPct === 0)
    return null;
  const named = new Set(zonesNamed(subjectOf(piece), step.zones).map((zone) => zone.id));
  const areaMm2 =
    piece.zones.filter((zone) => named.has(zone.id)).reduce((sum, zone) => sum + zone.areaMm2, 0) *
    (incoming.coverPct / 100) *
    modelsOf(step, piece);
  const loss = LOSSES[incoming.tool] ?? BRUSH_LOSS;
  const volumeSolidsPct = solidsOfMixPct(material.volumeSolidsPct, step.dilution);
  const landed =
    areaMm2 > 0 ? paintNeededMl({ areaMm2, dryFilmUm: incoming.dryUm, volumeSolidsPct, lossPct: loss.lostPct, coats: step.coats }) : 0;
  const totalMl = Math.max(STEP_ML, Math.ceil((landed + loss.residueMl) / STEP_ML) * STEP_ML);
  const kind = material.carrier === 'none' || material.carrier === 'cyano' || material.carrier === 'heat' ? 'water' : material.carrier;
  const dropsPerMl = droppers[kind];
  const { paintMl, thinnerMl } = volumesForTarget(step.dilution, totalMl, dropsPerMl);
  return {
    totalMl,
    paintMl,
    thinnerMl,
    paintDrops: Math.round(paintMl * dropsPerMl),
    thinner: step.dilution && dilutionShares(step.dilution).thinner > 0 ? supplies.material(step.dilution.thinner).name : null,
  };
}
