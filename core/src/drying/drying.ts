import {
  REFERENCE_AIR,
  ROOM_AIR,
  saturationPressureKPa,
  spanAt,
  vapourPressureKPa,
  wetBulbC,
  type Air,
  type AirSpan,
} from '../climate/index.js';
import { solventPressureKPa, type DryingMechanism, type DryingStage, type Material } from '../materials/index.js';

/**
 * Drying times: t = t₀ · Σ shareᵢ · filmᵢ · factorᵢ, from the catalogue's ages in still air: those of data sheets hold at
 * 23 °C, 50 %RH (ISO 291), those of the trade in a living room of 20 °C, 50 %RH. Factors against that air: water by drying
 * deficit, solvent by vapour pressure, oxidation by 2^((T₀ − T)/10) (rule of thumb). What evaporates goes with the liquid
 * that was laid, what oxidises and what makes the film hard with what is left of it.
 */

/** Diffusion through the film rules the late stages of a thick one: between 1 and 2, from memory. A thin one gains in proportion. */
const LATE_STAGE_EXPONENT = 1.5;
/** However thin it is, nothing dries in no time: least share of the usual coat that still counts (our number). */
const THINNEST_SHARE = 0.05;
/** Below this share of the reference deficit water does not leave in any time worth planning with (our number). */
const NEAR_SATURATION_SHARE = 0.06;
/** However thin it was made, so many times the usual liquid at most lies at once: the rest has run off or gone on the way (our number). */
const MOST_LIQUID_SHARE = 2;
/** A wet film thicker than this dries from its depth and its edges: moving air hardly helps (µm, our number; a brushed coat has 30–90). */
const DEEP_FROM_UM = 150;
/** So much at most it does help there (common practice). */
const DEEP_SPEED = 1.5;
/** σ of ln(time) for a material nobody has timed yet (model default). */
export const DEFAULT_SIGMA = 0.25;

export const AIRFLOWS = ['still', 'fan', 'cool-dryer', 'warm-dryer', 'heat-gun'] as const;
/** How the air moves while a step dries. A heat gun is a tool, never for drying: it is listed so that it can be caught. */
export type Airflow = (typeof AIRFLOWS)[number];

/**
 * Speed of moving air against still air, and the temperature of the air that is blown, °C; null: the room's. From memory:
 * with the film near the wet bulb of that air, a warm dryer comes to six or seven times as fast for thin waterborne films
 * (common practice: minutes instead of half an hour).
 */
const AIRFLOW: Record<Airflow, { speed: number; airTempC: number | null }> = {
  still: { speed: 1, airTempC: null },
  fan: { speed: 1.7, airTempC: null },
  'cool-dryer': { speed: 3.5, airTempC: 30 },
  'warm-dryer': { speed: 3.5, airTempC: 60 },
  'heat-gun': { speed: 3.5, airTempC: 150 },
};

/** A hand holds it: it blows as long as somebody stands there. */
export const isHeld = (airflow: Airflow): boolean => AIRFLOW[airflow].airTempC !== null;

/** Nobody holds a dryer over one thing for longer, minutes (our number). */
const MOST_HELD_MIN = 15;

/** How long a dryer is held over a coat: until that takes the next one, if hands last so long; 0 for what needs no hand. In a living room. */
export const heldMinutes = (material: Material, film: Film): number =>
  isHeld(film.airflow) ? Math.min(MOST_HELD_MIN, stageMinutes(material, 'recoatFrom', film, ROOM_AIR)) : 0;

/** Temperature of the air that meets the film, °C: what it comes to once it is dry. */
export const blownAirC = (airflow: Airflow, air: Air): number => Math.max(air.tempC, AIRFLOW[airflow].airTempC ?? air.tempC);

/** Temperature of a wet film, °C: the room's in its own air, near the wet bulb of air that is blown hot. */
function wetFilmC(airflow: Airflow, air: Air): number {
  const blownC = AIRFLOW[airflow].airTempC;
  return blownC === null || blownC <= air.tempC ? air.tempC : wetBulbC(blownC, vapourPressureKPa(air));
}

const EVAPORATION_STAGES: ReadonlySet<DryingStage> = new Set<DryingStage>(['touch', 'tackFree', 'recoatFrom']);

const AGE_KEYS = {
  touch: 'touchMin',
  tackFree: 'tackFreeMin',
  recoatFrom: 'recoatFromMin',
  dryHard: 'dryHardMin',
  dryThrough: 'dryThroughMin',
  solventProof: 'solventProofMin',
} as const satisfies Record<DryingStage, string>;

/** What lies there of one coat. */
export interface Film {
  /** Dry film, µm. */
  dryUm: number;
  /** Liquid that still has to leave, µm; left out: as much as a coat of this dry film brings out of the bottle. */
  liquidUm?: number;
  /** Dry film of earlier coats below it that are still soft, µm: they harden together. Left out: none. */
  softUm?: number;
  airflow: Airflow;
}

/** Liquid in so much dry film of a mix of these volume solids, µm. */
export const liquidOfUm = (dryUm: number, solidsPct: number): number => (solidsPct > 0 ? (dryUm * (100 - solidsPct)) / solidsPct : dryUm);

/** How much dry film and how much liquid there is, against the usual coat for which the ages hold. */
function sharesOf(material: Material, { dryUm, liquidUm }: Film): { dry: number; liquid: number } {
  const reference = material.drying?.referenceDryUm ?? 1;
  const dry = Math.max(THINNEST_SHARE, dryUm / reference);
  if (liquidUm === undefined) return { dry, liquid: dry };
  return {
    dry,
    liquid: Math.min(
      MOST_LIQUID_SHARE,
      Math.max(THINNEST_SHARE, liquidUm / (liquidOfUm(reference, material.volumeSolidsPct) || reference)),
    ),
  };
}

/** Water evaporation against an air: >1 slower, Infinity near saturation. Moving air does not dry the room's air. */
export function waterFactor(air: Air, airflow: Airflow = 'still', against: Air = REFERENCE_AIR): number {
  const deficit = saturationPressureKPa(wetFilmC(airflow, air)) - vapourPressureKPa(air);
  const reference = saturationPressureKPa(against.tempC) - vapourPressureKPa(against);
  if (deficit < NEAR_SATURATION_SHARE * reference) return Infinity;
  return reference / deficit / AIRFLOW[airflow].speed;
}

/** Solvent evaporation against an air, by the vapour pressure of the carrier's stand-in. */
export function solventFactor(carrier: Material['carrier'], air: Air, airflow: Airflow = 'still', against: Air = REFERENCE_AIR): number {
  return solventPressureKPa(carrier, against.tempC) / solventPressureKPa(carrier, wetFilmC(airflow, air)) / AIRFLOW[airflow].speed;
}

/** Oxidation against an air: doubles its speed every 10 K; moving air does not help. */
export const oxidationFactor = (air: Air, against: Air = REFERENCE_AIR): number => 2 ** ((against.tempC - air.tempC) / 10);

/** How many times slower than where its ages hold: what evaporates and what oxidises, each by its share. */
interface Slowdown {
  evaporation: number;
  oxidation: number;
}

/** The air in which a material's ages hold. */
export const anchorAir = ({ drying }: Material): Readonly<Air> => (drying?.anchor === 'standard' ? REFERENCE_AIR : ROOM_AIR);

function slowdownOf(material: Material, { water, solvent, oxidation }: DryingMechanism, airflow: Airflow, air: Air): Slowdown {
  const against = anchorAir(material);
  return {
    evaporation:
      (water > 0 ? water * waterFactor(air, airflow, against) : 0) +
      (solvent > 0 ? solvent * solventFactor(material.carrier, air, airflow, against) : 0),
    oxidation: oxidation > 0 ? oxidation * oxidationFactor(air, against) : 0,
  };
}

/** Kept per air, for a plan has only a handful of airs. */
function slowdown(material: Material, mechanism: DryingMechanism, airflow: Airflow, air: Air): Slowdown {
  const inAir = slowdowns[airflow].get(air) ?? new Map<Material, Slowdown>();
  slowdowns[airflow].set(air, inAir);
  const before = inAir.get(material);
  if (before !== undefined) return before;
  const worked = slowdownOf(material, mechanism, airflow, air);
  inAir.set(material, worked);
  return worked;
}

type Slowdowns = WeakMap<Air, Map<Material, Slowdown>>;
const slowdowns: Record<Airflow, Slowdowns> = {
  still: new WeakMap(),
  fan: new WeakMap(),
  'cool-dryer': new WeakMap(),
  'warm-dryer': new WeakMap(),
  'heat-gun': new WeakMap(),
};

const isDeep = (material: Material, { dryUm, liquidUm }: Film): boolean =>
  dryUm + (liquidUm ?? liquidOfUm(dryUm, material.volumeSolidsPct)) > DEEP_FROM_UM;

/** What evaporates, as moving air drives it: where it comes from the depth, hardly. */
function evaporationOf(material: Material, mechanism: DryingMechanism, film: Film, air: Air): number {
  const moved = slowdown(material, mechanism, film.airflow, air).evaporation;
  if (film.airflow === 'still' || !isDeep(material, film)) return moved;
  return Math.max(moved, slowdown(material, mechanism, 'still', air).evaporation / DEEP_SPEED);
}

/**
 * Minutes to a stage if the air stayed as it is. Infinity: it does not get there in this air.
 * A material that does not dry is at every stage at once (0).
 */
export function stageMinutes(material: Material, stage: DryingStage, film: Film, air: Air): number {
  const { drying } = material;
  if (!drying) return 0;
  const { mechanism, ages } = drying;
  const { dry, liquid } = sharesOf(material, film);
  const age = ages[AGE_KEYS[stage]];
  const oxidation = slowdown(material, mechanism, 'still', air).oxidation;
  if (EVAPORATION_STAGES.has(stage)) return age * (liquid * evaporationOf(material, mechanism, film, air) + dry * oxidation);
  // moving air never cures what takes up oxygen
  const airflow = mechanism.oxidation === 0 ? film.airflow : 'still';
  const evaporation = evaporationOf(material, mechanism, { ...film, airflow }, air);
  const together = dry + (film.softUm ?? 0) / drying.referenceDryUm;
  const hardened = age * together ** (together < 1 ? 1 : LATE_STAGE_EXPONENT) * (evaporation + oxidation);
  // little binder in much liquid is hard as soon as the liquid has gone, not before
  return Math.max(hardened, stageMinutes(material, 'recoatFrom', film, air));
}

/**
 * Minutes that an age given where the ages hold takes in this air, on this film: of windows that stand open while there is
 * liquid (`recoatFrom`), or that hang on how hard it has become (`dryHard`).
 */
export function scaledMinutes(
  material: Material,
  referenceMin: number,
  film: Film,
  air: Air,
  by: 'recoatFrom' | 'dryHard' = 'recoatFrom',
): number {
  const { drying } = material;
  if (!drying || referenceMin === 0) return referenceMin;
  const atReference = drying.ages[AGE_KEYS[by]];
  return atReference > 0 ? referenceMin * (stageMinutes(material, by, film, air) / atReference) : referenceMin;
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
