import { dryingDeficitKPa, type Air } from '../climate/index.js';
import { techniqueById } from '../techniques/index.js';
import { prototypeLengthMm, recommendedCarWeightG, weightOffG, weightScaleFor } from '../units/index.js';
import { FORMER, MATTER, type Former, type Matter } from './matter.js';
import { bodyMm3, crestMm, sunkMm, surfaceAcross, topMm2, underMm3, type CutPoint, type Shape } from './shape.js';

/** One kind of grain in a load. */
export interface Grain {
  id: string;
  name: string;
  matter: Matter;
  /** Across, mm. */
  grainMm: number;
  /** By volume, beside the other grains. */
  parts: number;
}

/** A load of a wagon, or a heap on the ground. */
export interface Load extends Shape {
  id: string;
  name: string;
  scaleRatio: number;
  /** So many alike. */
  count: number;
  former: Former;
  /** Thickness of what is seen over the former. */
  coverMm: number;
  grains: Grain[];
  /** White glue and water, by volume. */
  glueParts: number;
  waterParts: number;
  /** It lifts out; else it is glued in. */
  lifts: boolean;
  /** Doors or hatches below, through which grains fall. */
  leaks: boolean;
  /** The piece it is made for; null: loose, for any. It may have gone since: that is no fault. */
  wagonId: string | null;
  /** The train it runs in, and between which places. */
  consist: string;
  /** Of the wagon it is for: over the body, and as it is weighed empty. */
  wagonMm: number | null;
  wagonG: number | null;
  note: string;
}

/** Of loose grains so much is air (common practice). */
export const VOIDS = 0.4;
/** Wetting before the glue, mL on a square decimetre: as much as a step that wets takes. */
const WETTING_ML_PER_DM2 = techniqueById('wet').wetsMlPerDm2;
/** Washing-up liquid: a drop in so much of glue and water (common practice). */
const ML_PER_DETERGENT_DROP = 20;
/** Glue soaks in so deep from above; what is thicker is laid and glued in layers (our number). */
const SOAKS_MM = 10;
/** Still air takes so much water from an open surface, mL on a square decimetre in an hour for each kPa that is missing from damp air (our number, between a still pool and moving air). */
const DRIES_ML_PER_DM2_H_KPA = 1.2;
/** What lies this deep takes twice as long to come up (our number). */
const SLOWED_BY_MM = 10;
/** Through this much of a gap grains fall; doors of wagons have about as much (our number). */
const LEAK_MM = 1;
/** It is let stand a good while longer than the sum says: half as long again (our number). */
const SAFE_FACTOR = 1.5;

export interface GrainFacts {
  grain: Grain;
  /** As it is poured, and its weight. */
  ml: number;
  g: number;
  /** What a grain reads as at full size, mm. */
  readsAsMm: number;
  /** Largest first: boulders go into the corners before the fines. */
  order: number;
}

export interface LoadFacts {
  /** Where the crest really comes to; grains lie no steeper. */
  crestMm: number;
  bodyMl: number;
  formerMl: number;
  grains: GrainFacts[];
  /** How thick the grains lie. */
  thickMm: number;
  layers: number;
  wettingMl: number;
  glueMl: number;
  waterMl: number;
  detergentDrops: number;
  /** Hours until it may be handled, in the air given; Infinity where nothing dries. */
  dryH: number;
  loadG: number;
  /** Against what is recommended for a car of its length; null where that is not known. */
  weight: { recommendedG: number; emptyG: number; loadedG: number; offG: number } | null;
  /** Grains that would fall through the doors. */
  falls: Grain[];
  steps: string[];
}

/** How steep a mixture lies, degrees: the mean of what is in it, by volume (our assumption). */
function reposeOf(grains: readonly Grain[]): number {
  const parts = grains.reduce((sum, one) => sum + one.parts, 0);
  return parts > 0 ? grains.reduce((sum, one) => sum + MATTER[one.matter].reposeDeg * one.parts, 0) / parts : MATTER.stone.reposeDeg;
}

const ML_PER_MM3 = 1 / 1000;
const DM2_PER_MM2 = 1 / 10_000;
/** A square decimetre, one millimetre thick. */
const ML_PER_DM2_MM = 10;

/**
 * What one load takes and weighs: volumes as poured, water, glue and a drop of detergent, hours to dry in the bench's air, weight against RP-20.1, what grains read
 * as at full size. Lengths in mm, volumes in mL, weights in g.
 * @throws RangeError where a length makes no sense.
 */
export function loadFacts(load: Load, air: Air): LoadFacts {
  const { former, coverMm, grains, glueParts, waterParts, scaleRatio, wagonMm, wagonG } = load;
  const reposeDeg = reposeOf(grains);
  const body = bodyMm3(load, reposeDeg) * ML_PER_MM3;
  const formerMl = former === 'none' ? 0 : underMm3(load, coverMm, reposeDeg) * ML_PER_MM3;
  const bulkMl = body - formerMl;
  const parts = grains.reduce((sum, one) => sum + one.parts, 0);
  const topDm2 = topMm2(load, reposeDeg) * DM2_PER_MM2;
  const largest = grains.toSorted((a, b) => b.grainMm - a.grainMm);
  const each = grains.map((grain): GrainFacts => {
    const ml = parts > 0 ? (bulkMl * grain.parts) / parts : 0;
    return {
      grain,
      ml,
      g: ml * (1 - VOIDS) * MATTER[grain.matter].gPerMl,
      readsAsMm: prototypeLengthMm(grain.grainMm, scaleRatio),
      order: largest.indexOf(grain),
    };
  });
  const thickMm = topDm2 > 0 ? bulkMl / topDm2 / ML_PER_DM2_MM : 0;
  const layers = Math.max(1, Math.ceil(thickMm / SOAKS_MM));
  const boundMl = parts > 0 ? bulkMl * VOIDS : 0;
  const share = glueParts + waterParts > 0 ? glueParts / (glueParts + waterParts) : 0;
  const wettingMl = parts > 0 ? topDm2 * WETTING_ML_PER_DM2 * layers : 0;
  const waterMl = boundMl * (1 - share);
  const deficit = Math.max(0, dryingDeficitKPa(air));
  const perHour = topDm2 * DRIES_ML_PER_DM2_H_KPA * deficit;
  const eachThickMm = thickMm / layers;
  const dryH = parts === 0 ? 0 : (SAFE_FACTOR * (waterMl + wettingMl) * (1 + eachThickMm / SLOWED_BY_MM)) / perHour;
  const loadG = each.reduce((sum, one) => sum + one.g, 0) + formerMl * FORMER[former].gPerMl + boundMl * share;
  const recommendedG = wagonMm === null ? null : recommendedCarWeightG(weightScaleFor(scaleRatio).scale, wagonMm);
  const falls = load.leaks ? grains.filter(({ grainMm }) => grainMm < LEAK_MM) : [];
  const found = { thickMm, layers, wettingMl, glueMl: boundMl * share, waterMl, dryH, falls };
  return {
    ...found,
    crestMm: crestMm(load, reposeDeg),
    bodyMl: body,
    formerMl,
    grains: each,
    detergentDrops: parts > 0 ? Math.max(1, Math.round((wettingMl + boundMl) / ML_PER_DETERGENT_DROP)) : 0,
    loadG,
    weight:
      recommendedG === null || wagonG === null
        ? null
        : { recommendedG, emptyG: wagonG, loadedG: wagonG + loadG, offG: weightOffG(wagonG + loadG, recommendedG) },
    steps: stepsOf(load, found),
  };
}

/** The load cut across: what is seen, and the top of the former below it; null where there is none. */
export function acrossOf(load: Load): { surface: CutPoint[]; former: CutPoint[] | null } {
  const reposeDeg = reposeOf(load.grains);
  const surface = surfaceAcross(load, reposeDeg);
  const sunk = sunkMm(load, load.coverMm, reposeDeg);
  const lower = ([across, up]: CutPoint): CutPoint => [across, Math.max(0, up - sunk)];
  return { surface, former: load.former === 'none' ? null : surface.map(lower) };
}

/** How it is built, in order (common practice). */
function stepsOf(load: Load, { layers, falls }: Pick<LoadFacts, 'layers' | 'falls'>): string[] {
  const { former, grains, lifts } = load;
  const sorted = grains.toSorted((a, b) => b.grainMm - a.grainMm);
  const [largest] = sorted;
  const mixed = sorted.length > 1 && largest !== undefined && largest.grainMm >= 2 * (sorted.at(-1)?.grainMm ?? 0);
  return [
    ...(lifts ? ['Line the inside with film, so that the load lifts out; put a wire or a magnet into it for lifting.'] : []),
    ...(falls.length > 0
      ? [`Close the doors below with paper or filler first: ${falls.map(({ name }) => name.toLowerCase()).join(' and ')} falls through.`]
      : []),
    ...(former === 'foam' ? ['Carve the foam and paint it in the colour of the load; no solvent and no superglue on it.'] : []),
    ...(former === 'card' ? ['Glue the card onto ribs, paint it in the colour of the load.'] : []),
    ...(former === 'tissue'
      ? ['Press tissue in with thinned white glue, layer by layer, each damp on the one before; let it dry hard.']
      : []),
    ...(mixed
      ? [`Set the largest (${largest.name.toLowerCase()}) into the corners and the middle first, then fill up with the fines.`]
      : []),
    ...(grains.length > 0
      ? [
          ...(layers > 1
            ? [`Lay it in ${String(layers)} layers; wet, glue and dry each before the next.`]
            : ['Scatter it, and give it its shape dry, with a soft brush.']),
          'Wet it through with a fine mist: water with a drop of detergent. Stop before it swims.',
          'Let the thinned glue in drop by drop from the edge until it shows everywhere.',
          'Leave it alone until it is dry; a fan only when nothing floats any more.',
        ]
      : []),
  ];
}
