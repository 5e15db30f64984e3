import { FACTORS } from './convert.js';

/**
 * Recommended weight of a model car, NMRA RP-20.1: a fixed weight plus a weight per inch of body length.
 * Ounces as in `reference/modelrail.json` (from memory there).
 */
export const RP_20_1_OZ = {
  N: { initialOz: 0.5, ozPerInch: 0.15 },
  TT: { initialOz: 0.75, ozPerInch: 0.375 },
  HOn3: { initialOz: 0.75, ozPerInch: 0.375 },
  HO: { initialOz: 1, ozPerInch: 0.5 },
  S: { initialOz: 2, ozPerInch: 0.5 },
  On3: { initialOz: 1.5, ozPerInch: 0.75 },
  O: { initialOz: 5, ozPerInch: 1 },
} as const;

export type WeightScale = keyof typeof RP_20_1_OZ;

/** The same rule in grams: a fixed weight and grams per inch and per centimetre of body. */
export function carWeightRule(scale: WeightScale): { initialG: number; gPerInch: number; gPerCm: number } {
  const { initialOz, ozPerInch } = RP_20_1_OZ[scale];
  const gPerOz = FACTORS['ounce avoirdupois -> g'];
  return { initialG: initialOz * gPerOz, gPerInch: ozPerInch * gPerOz, gPerCm: (ozPerInch * gPerOz) / 2.54 };
}

/** Recommended weight, g, of a car whose body is `lengthMm` long over the body, not the couplers. */
export function recommendedCarWeightG(scale: WeightScale, lengthMm: number): number {
  if (!(lengthMm > 0)) throw new RangeError(`lengthMm must be greater than 0, got ${String(lengthMm)}`);
  const rule = carWeightRule(scale);
  return rule.initialG + (rule.gPerCm * lengthMm) / 10;
}

/** The rules whose scale is a standard-gauge one, with its ratio. */
const RATIOS: readonly (readonly [WeightScale, number])[] = [
  ['N', 160],
  ['TT', 120],
  ['HO', 87.1],
  ['S', 64],
  ['O', 48],
];

/** The rule of the scale that comes nearest to 1:`ratio`; the recommendation knows no other scales. */
export function weightScaleFor(ratio: number): { scale: WeightScale; ratio: number } {
  if (!(ratio > 0)) throw new RangeError(`ratio must be greater than 0, got ${String(ratio)}`);
  const apart = (other: number): number => Math.abs(Math.log(other / ratio));
  const [scale, of] = RATIOS.reduce((best, one) => (apart(one[1]) < apart(best[1]) ? one : best));
  return { scale, ratio: of };
}

export const gramsToOunces = (grams: number): number => grams / FACTORS['ounce avoirdupois -> g'];

/** So much beside the recommendation runs as well (our number). */
const NEAR_SHARE = 0.1;

/** A weight against the recommended one: grams that are too few (below 0) or too many; 0 where it is near enough. */
export function weightOffG(weighedG: number, recommendedG: number): number {
  const off = weighedG - recommendedG;
  return Math.abs(off) <= NEAR_SHARE * recommendedG ? 0 : off;
}
