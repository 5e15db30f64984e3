import { useOf, type StepUse } from '../coverage/index.js';
import { CATALOGUE } from '../materials/index.js';
import { prototypeLengthMm } from '../units/index.js';
import { pieceOfPlanting } from './as-steps.js';
import { freeMm2 } from './free-ground.js';
import { GROWTH, PLANT } from './growth.js';
import { placesOfPlants, type Standing } from './places.js';
import type { KeepOff, Growth, Planting, Plants } from './planting.js';

/** Of the fibres that are shot so many come loose again, and are kept (from memory: a third and more). */
const LOOSE_SHARE = 0.3;
const MM2_PER_DM2 = 10_000;
/** Smaller than anything drawn, mm². */
const HAIR_MM2 = 1e-3;

export interface GrowthFacts {
  growth: Growth;
  areaDm2: number;
  /** Of all its rounds, as it lies loose. */
  ml: number;
  g: number;
  /** What of it comes loose and is kept, g; grass alone. */
  keptG: number;
}

export interface PlantsFacts {
  plants: Plants;
  /** That found a place. */
  standing: number;
  noRoom: number;
  /** What the largest reads as at full size, mm. */
  readsAsMm: number;
}

export interface PlantingFacts {
  groundDm2: number;
  freeDm2: number;
  growths: GrowthFacts[];
  plants: PlantsFacts[];
  /** White glue of all steps. */
  glueMl: number;
  /** By their width across, mm. */
  holes: { holeMm: number; count: number }[];
  /** Grass stands up in an electric field: an applicator is wanted. */
  wantsApplicator: boolean;
  standing: Standing[];
  /** Strips that lie beside the ground with their whole length. */
  strayStrips: KeepOff[];
}

/**
 * What a planting takes, and where everything stands. Amounts are those of its steps, so that shelf and sheet say the same.
 * @throws RangeError where the ground has no size.
 */
export function plantingFacts(planting: Planting): PlantingFacts {
  const { lengthMm, widthMm, scaleRatio } = planting;
  if (!(lengthMm > 0) || !(widthMm > 0))
    throw new RangeError(`lengthMm and widthMm must be above 0, got ${String(lengthMm)} and ${String(widthMm)}`);
  const free = freeMm2(planting);
  const { standing, noRoom } = placesOfPlants(planting);
  const growths = planting.growths.map((growth): GrowthFacts => {
    const ml = usesOf({ ...planting, growths: [growth], plants: [] })
      .flatMap(({ direct }) => direct)
      .reduce((sum, one) => sum + one.ml, 0);
    const g = ml * CATALOGUE.material(GROWTH[growth.kind].material).densityGPerMl;
    const areaDm2 = (free * growth.sharePct) / 100 / MM2_PER_DM2;
    return { growth, areaDm2, ml, g, keptG: growth.kind === 'grass' ? g * LOOSE_SHARE : 0 };
  });
  const plants = planting.plants.map((own): PlantsFacts => {
    const missing = noRoom.get(own.id) ?? 0;
    return { plants: own, standing: own.count - missing, noRoom: missing, readsAsMm: prototypeLengthMm(own.heightMm, scaleRatio) };
  });
  const holes = new Map<number, number>();
  for (const { plant } of standing) {
    const { holeMm } = PLANT[plant];
    if (holeMm !== null) holes.set(holeMm, (holes.get(holeMm) ?? 0) + 1);
  }
  return {
    groundDm2: (lengthMm * widthMm) / MM2_PER_DM2,
    freeDm2: free / MM2_PER_DM2,
    growths,
    plants,
    glueMl: usesOf(planting).reduce((sum, { cup }) => sum + (cup?.laidMl ?? 0), 0),
    holes: [...holes].map(([holeMm, count]) => ({ holeMm, count })).toSorted((a, b) => a.holeMm - b.holeMm),
    wantsApplicator: planting.growths.some(({ kind, sharePct }) => kind === 'grass' && sharePct > 0),
    standing,
    strayStrips: planting.keepOffs.filter((strip) => isStray(strip, planting)),
  };
}

/** What each step of it takes; glue is all that comes from a cup. */
function usesOf(planting: Planting): StepUse[] {
  const piece = pieceOfPlanting({ ...planting, boards: null }, planting.id);
  return piece.steps.map((step) => useOf(step, piece));
}

const isStray = (strip: KeepOff, planting: Planting): boolean =>
  freeMm2({ ...planting, keepOffs: [strip] }) > planting.lengthMm * planting.widthMm - HAIR_MM2;
