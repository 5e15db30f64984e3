import { useOf, type Stores } from '../coverage/index.js';
import { CATALOGUE, type SolventClass } from '../materials/index.js';
import type { Piece, Step } from '../subjects/index.js';
import { AIRBORNE, PROPELLANT_G_PER_ML, type AirborneClass } from './solvents.js';
import type { Emission } from './room-air.js';

/** A coat gives off its solvent over so long after it is laid, minutes (our number: most of it goes within the first half hour). */
const EVAPORATES_OVER_MIN = 30;
/** So much of what cleans a tool goes into the air; the rest is caught in the jar (our number). */
const CLEANER_LOST = 0.3;

const airborne = (carrier: SolventClass | 'none'): AirborneClass | null =>
  carrier === 'alcohol' || carrier === 'spirit' || carrier === 'hot' ? carrier : null;

/** What one job gives off, by class of solvent, in grams. Water is not counted. */
export function gramsOf(step: Step, piece: Piece, stores: Stores): Map<AirborneClass, number> {
  const { supplies = CATALOGUE } = stores;
  const use = useOf(step, piece, stores);
  const grams = new Map<AirborneClass, number>();
  const add = (materialId: string, ml: number): void => {
    const { carrier, volumeSolidsPct, aerosol } = supplies.material(materialId);
    const kind = airborne(carrier);
    if (kind) grams.set(kind, (grams.get(kind) ?? 0) + ml * (1 - volumeSolidsPct / 100) * AIRBORNE[kind].densityGPerMl);
    if (aerosol) grams.set('propellant', (grams.get('propellant') ?? 0) + ml * PROPELLANT_G_PER_ML);
  };
  if (use.cup) for (const { material, parts } of use.cup.components) add(material, parts * (use.cup.laidMl + use.cup.residueMl));
  for (const { material, ml } of use.direct) add(material, ml);
  for (const { material, ml } of use.cleaning) add(material, ml * CLEANER_LOST);
  return grams;
}

/** When it goes into the air: a can's all at once, other coats while they are laid and for a while after. */
export function emissionsOf(
  job: { step: Step; piece: Piece; startMin: number; endMin: number },
  stores: Stores,
): [AirborneClass, Emission][] {
  const { supplies = CATALOGUE } = stores;
  const isCan = job.step.material !== null && supplies.material(job.step.material).aerosol;
  return [...gramsOf(job.step, job.piece, stores)].map(([kind, grams]) => [
    kind,
    isCan
      ? { fromMin: job.startMin, toMin: job.startMin, grams }
      : { fromMin: job.startMin, toMin: job.endMin + EVAPORATES_OVER_MIN, grams },
  ]);
}
