/**
 * How an amount is measured out. Inside everything is millilitres; powders are counted in grams or level spoons by their
 * bulk density. `parts` and `percent` say how amounts stand to each other and are worked out over the whole mix.
 */
export const MEASURES = ['parts', 'percent', 'drops', 'ml', 'caps', 'g', 'spoons'] as const;
export type Measure = (typeof MEASURES)[number];

/** What of a substance matters for measuring it out. */
export interface Measured {
  dropsPerMl: number;
  /** Of a liquid; of a powder as it lies loose in a spoon. */
  densityGPerMl: number;
  powder: boolean;
  /** What one takes up where it is counted, mL as it lies loose; null: it is not. */
  eachMl?: number | null;
}

/** What stands on the painter's bench to measure with. */
export interface Instruments {
  /** A syringe is read to this step, mL. */
  syringeMl: number;
  /** A bottle cap holds. */
  capMl: number;
  /** A level measuring spoon holds. */
  spoonMl: number;
}

/** A one-millilitre syringe's marks, the cap of a common bottle, a small measuring spoon. From memory; measure yours. */
export const USUAL_INSTRUMENTS: Instruments = { syringeMl: 0.1, capMl: 2, spoonMl: 0.6 };

/** One unit of a measure, mL. `parts` and `percent` have none of their own. */
function unitMl(measure: Exclude<Measure, 'parts' | 'percent'>, what: Measured, { capMl, spoonMl }: Instruments): number {
  switch (measure) {
    case 'drops':
      return 1 / what.dropsPerMl;
    case 'ml':
      return 1;
    case 'caps':
      return capMl;
    case 'g':
      return 1 / what.densityGPerMl;
    case 'spoons':
      return spoonMl;
  }
}

/** An amount in millilitres. @throws RangeError unless it is a number of at least 0. */
export function mlOf(amount: number, measure: Exclude<Measure, 'parts' | 'percent'>, what: Measured, tools = USUAL_INSTRUMENTS): number {
  if (!(amount >= 0)) throw new RangeError(`amount must be at least 0, got ${String(amount)}`);
  return amount * unitMl(measure, what, tools);
}

/** Volumes, mL, as amounts of one measure. Parts are told so that the smallest is 1. */
export function amountsOf(volumesMl: readonly number[], measure: Measure, what: readonly Measured[], tools = USUAL_INSTRUMENTS): number[] {
  const total = volumesMl.reduce((a, b) => a + b, 0);
  if (measure === 'percent') return volumesMl.map((ml) => (total > 0 ? (100 * ml) / total : 0));
  if (measure === 'parts') {
    const least = Math.min(...volumesMl.filter((ml) => ml > 0));
    return volumesMl.map((ml) => (Number.isFinite(least) ? ml / least : 0));
  }
  return volumesMl.map((ml, i) => {
    const one = what[i];
    if (!one) throw new RangeError(`nothing is known of component ${String(i + 1)}`);
    return ml / unitMl(measure, one, tools);
  });
}

/** Weight of so much of a thing, g. */
export const gramsOf = (ml: number, { densityGPerMl }: Pick<Measured, 'densityGPerMl'>): number => ml * densityGPerMl;
