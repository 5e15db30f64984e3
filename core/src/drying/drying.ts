import {
  REFERENCE_AIR,
  dryingDeficitKPa,
  saturationPressureKPa,
  vapourPressureKPa,
  spanAt,
  type Air,
  type AirSpan,
} from '../climate/index.js';
import { solventPressureKPa, type DryingMechanism, type Material, type DryingStage } from '../materials/index.js';

/**
 * Drying times: t = t₀ · (film / film₀)ⁿ · Σ shareᵢ · factorᵢ, from the catalogue's ages at 23 °C, 50 %RH, still air
 * (ISO 291). Factors: water by drying deficit, solvent by vapour pressure, oxidation by 2^((23 − T)/10) (rule of thumb).
 */

/**
 * Diffusion through the film rules the late stages of a thick one: between 1 and 2, from memory. Evaporation stages take 1,
 * and so does a film thinner than the reference: else it would be hard before it may be coated.
 */
const LATE_STAGE_EXPONENT = 1.5;
/** A film thinner than a quarter of the reference gains nothing more (our number). */
const THINNEST_FILM_SHARE = 0.25;
/** Below this share of the reference deficit water does not leave in any time worth planning with (our number). */
const NEAR_SATURATION_SHARE = 0.06;
/** σ of ln(time) for a material nobody has timed yet (model default). */
export const DEFAULT_SIGMA = 0.25;

export const AIRFLOWS = ['still', 'fan', 'cool-dryer', 'warm-dryer', 'heat-gun'] as const;
/** How the air moves while a step dries. A heat gun is a tool, never for drying: it is listed so that it can be caught. */
export type Airflow = (typeof AIRFLOWS)[number];

/** Speed of the moving air against still air (from memory), and the film's temperature in it, °C. */
const AIRFLOW: Record<Airflow, { speed: number; filmTempC: number | null }> = {
  still: { speed: 1, filmTempC: null },
  fan: { speed: 1.7, filmTempC: null },
  'cool-dryer': { speed: 2.5, filmTempC: 30 },
  'warm-dryer': { speed: 2.5, filmTempC: 60 },
  'heat-gun': { speed: 2.5, filmTempC: 150 },
};

/** Temperature of the film under an airflow, °C. */
export const filmTempC = (airflow: Airflow, air: Air): number => Math.max(air.tempC, AIRFLOW[airflow].filmTempC ?? air.tempC);

const EVAPORATION_STAGES: readonly DryingStage[] = ['touch', 'tackFree', 'recoatFrom'];

const AGE_KEYS = {
  touch: 'touchMin',
  tackFree: 'tackFreeMin',
  recoatFrom: 'recoatFromMin',
  dryHard: 'dryHardMin',
  dryThrough: 'dryThroughMin',
  solventProof: 'solventProofMin',
} as const satisfies Record<DryingStage, string>;

export interface Film {
  /** Dry film of one coat, µm. */
  dryUm: number;
  airflow: Airflow;
}

/** Water evaporation against reference: >1 slower, Infinity near saturation. Moving air heats, it does not dry the room's air. */
export function waterFactor(air: Air, airflow: Airflow = 'still'): number {
  const reference = dryingDeficitKPa(REFERENCE_AIR);
  const deficit = saturationPressureKPa(filmTempC(airflow, air)) - vapourPressureKPa(air);
  if (deficit < NEAR_SATURATION_SHARE * reference) return Infinity;
  return reference / deficit / AIRFLOW[airflow].speed;
}

/** Solvent evaporation against reference, by the vapour pressure of the carrier's stand-in. */
export function solventFactor(carrier: Material['carrier'], air: Air, airflow: Airflow = 'still'): number {
  return solventPressureKPa(carrier, REFERENCE_AIR.tempC) / solventPressureKPa(carrier, filmTempC(airflow, air)) / AIRFLOW[airflow].speed;
}

/** Oxidation against reference: doubles its speed every 10 K; moving air does not help. */
export const oxidationFactor = (air: Air): number => 2 ** ((REFERENCE_AIR.tempC - air.tempC) / 10);

/** Σ shareᵢ · factorᵢ: how many times slower than at reference. Kept per air, for a plan has only a handful of airs. */
function slowdown(material: Material, mechanism: DryingMechanism, airflow: Airflow, air: Air): number {
  const inAir = slowdowns[airflow].get(air) ?? new Map<Material, number>();
  slowdowns[airflow].set(air, inAir);
  const before = inAir.get(material);
  if (before !== undefined) return before;
  const { water, solvent, oxidation } = mechanism;
  const sum =
    (water > 0 ? water * waterFactor(air, airflow) : 0) +
    (solvent > 0 ? solvent * solventFactor(material.carrier, air, airflow) : 0) +
    (oxidation > 0 ? oxidation * oxidationFactor(air) : 0);
  inAir.set(material, sum);
  return sum;
}

type Slowdowns = WeakMap<Air, Map<Material, number>>;
const slowdowns: Record<Airflow, Slowdowns> = {
  still: new WeakMap(),
  fan: new WeakMap(),
  'cool-dryer': new WeakMap(),
  'warm-dryer': new WeakMap(),
  'heat-gun': new WeakMap(),
};

/**
 * Minutes to a stage if the air stayed as it is. Infinity: it does not get there in this air.
 * A material that does not dry is at every stage at once (0).
 */
export function stageMinutes(material: Material, stage: DryingStage, film: Film, air: Air): number {
  const drying = material.drying;
  if (!drying) return 0;
  const evaporating = EVAPORATION_STAGES.includes(stage) || drying.mechanism.oxidation === 0;
  const factor = slowdown(material, drying.mechanism, evaporating ? film.airflow : 'still', air);
  const share = Math.max(THINNEST_FILM_SHARE, film.dryUm / drying.referenceDryUm);
  const exponent = EVAPORATION_STAGES.includes(stage) || share < 1 ? 1 : LATE_STAGE_EXPONENT;
  return drying.ages[AGE_KEYS[stage]] * share ** exponent * factor;
}

/** Minutes that any age given at reference takes in this air, on this film (windows that open and close). */
export function scaledMinutes(material: Material, referenceMin: number, film: Film, air: Air): number {
  const drying = material.drying;
  if (!drying || referenceMin === 0) return referenceMin;
  const atReference = drying.ages.recoatFromMin;
  return atReference > 0 ? referenceMin * (stageMinutes(material, 'recoatFrom', film, air) / atReference) : referenceMin;
}

/**
 * Age, minutes, at which work that takes `minutesIn(air)` in unchanging air is done, when the air changes on the way:
 * each span adds its share, until the shares make one. Infinity when the last span never gets there.
 */
export function ageAcross(spans: readonly AirSpan[], startMin: number, minutesIn: (air: Air) => number): number {
  let done = 0;
  for (let i = spanAt(spans, startMin); i < spans.length; i++) {
    const span = spans[i];
    if (!span) break;
    const from = Math.max(startMin, span.fromMin);
    const whole = minutesIn(span.air);
    if (whole === 0) return from - startMin;
    const needed = (1 - done) * whole;
    if (from + needed <= span.toMin) return from + needed - startMin;
    if (Number.isFinite(whole)) done += (span.toMin - from) / whole;
  }
  return Infinity;
}

/** Inverse of the standard normal for the two quantiles that plans use (exact to four digits). */
const Z = { p50: 0, p80: 0.8416 } as const;
export type Quantile = keyof typeof Z;

/** Factor on a typical time for a quantile of the log-normal: typical P50 is 1, careful P80 about 1.23. */
export function quantileFactor(quantile: Quantile, sigma = DEFAULT_SIGMA): number {
  if (!(sigma >= 0)) throw new RangeError(`sigma must not be negative, got ${String(sigma)}`);
  return Math.exp(Z[quantile] * sigma);
}
