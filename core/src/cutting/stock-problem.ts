/** Lengths are compared as whole tenths of a micrometre: 16 × 38.1 mm is 609.6 mm, not 609.6000000000001. */
const UNITS_PER_MM = 10_000;

/** Pieces of one length that are wanted. */
export interface Demand {
  lengthMm: number;
  count: number;
}

export interface CuttingProblem {
  /** Of each new strip. */
  stockLengthMm: number;
  /** What a cut takes away; there is one between two pieces, none before the first or behind the last. */
  kerfMm: number;
  demand: readonly Demand[];
  /** Lengths of what is left of earlier strips: used up first. */
  offcutsMm?: readonly number[];
}

/** One length, in whole units with the kerf of one cut. */
export interface LengthClass {
  size: number;
  count: number;
}

/** The problem in whole numbers: of a strip as long as it is with one kerf more, every piece takes its length and one kerf. */
export interface WholeProblem {
  /** Longest first; each length once. */
  classes: readonly LengthClass[];
  /** Of which class each line of the demand is. */
  classOf: readonly number[];
  capacity: number;
  /** Of the offcuts, in the order given. */
  offcuts: readonly number[];
}

const units = (mm: number): number => Math.round(mm * UNITS_PER_MM);

const positive = (value: number): boolean => Number.isFinite(value) && value > 0;

/** @throws RangeError that names the field where a length, a kerf or a count makes no sense, or a piece is longer than any strip. */
export function wholeProblem({ stockLengthMm, kerfMm, demand, offcutsMm = [] }: CuttingProblem): WholeProblem {
  if (!positive(stockLengthMm)) throw new RangeError(`stockLengthMm must be above 0, got ${String(stockLengthMm)}`);
  if (!(kerfMm >= 0) || !Number.isFinite(kerfMm)) throw new RangeError(`kerfMm must be 0 or more, got ${String(kerfMm)}`);
  offcutsMm.forEach((mm, i) => {
    if (!positive(mm)) throw new RangeError(`offcutsMm[${String(i)}] must be above 0, got ${String(mm)}`);
  });
  demand.forEach(({ lengthMm, count }, i) => {
    const at = `demand[${String(i)}]`;
    if (!positive(lengthMm)) throw new RangeError(`${at}.lengthMm must be above 0, got ${String(lengthMm)}`);
    if (!Number.isInteger(count) || count < 0) throw new RangeError(`${at}.count must be a whole number from 0, got ${String(count)}`);
    if (count > 0 && units(lengthMm) > units(stockLengthMm))
      throw new RangeError(`${at}.lengthMm must be at most the ${String(stockLengthMm)} mm of a strip, got ${String(lengthMm)}`);
  });
  const kerf = units(kerfMm);
  const sizes = [...new Set(demand.filter(({ count }) => count > 0).map(({ lengthMm }) => units(lengthMm) + kerf))].sort((a, b) => b - a);
  const classOf = demand.map(({ lengthMm }) => sizes.indexOf(units(lengthMm) + kerf));
  return {
    classes: sizes.map((size, k) => ({ size, count: demand.reduce((sum, { count }, i) => sum + (classOf[i] === k ? count : 0), 0) })),
    classOf,
    capacity: units(stockLengthMm) + kerf,
    offcuts: offcutsMm.map((mm) => units(mm) + kerf),
  };
}
