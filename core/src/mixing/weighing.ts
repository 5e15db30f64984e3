import type { Cup } from './cup.js';
import type { Measured } from './measures.js';

/** A component of a cup that is weighed in. */
export interface WeighedIn {
  /** What must be in it in the end, g: more than was asked for where another has too much. */
  targetG: number;
  /** What is in it, g. */
  inG: number;
  /** What is still to be added, g; 0 when it is right. */
  stillG: number;
  isIn: boolean;
}

export interface Weighing {
  components: WeighedIn[];
  /** The cup grows by this factor, as nothing can be taken out again; 1: as asked. */
  factor: number;
  isDone: boolean;
  /** Most that a step of the scale does to a component's share, %. */
  worstStepPct: number;
}

/** A component is right when it is off by no more than this share of it, or by half a step of the scale (our number). */
const RIGHT_WITHIN = 0.02;

/**
 * How far a cup is weighed in. What is too much of one cannot be taken out: the others are raised to it, so that the ratio comes right.
 * @param targetsG grams of each component as asked for @param inG what was weighed of each so far @param stepG of the scale
 * @throws RangeError unless as many are in as asked for, every target is above 0 and nothing is below 0.
 */
export function weighingOf(targetsG: readonly number[], inG: readonly number[], stepG: number): Weighing {
  if (targetsG.length !== inG.length) throw new RangeError(`inG must hold ${String(targetsG.length)} weights, got ${String(inG.length)}`);
  if (targetsG.some((grams) => !(grams > 0))) throw new RangeError(`targetsG must be above 0, got ${targetsG.join(', ')}`);
  if (inG.some((grams) => !(grams >= 0))) throw new RangeError(`inG must be at least 0, got ${inG.join(', ')}`);
  const allowedG = (targetG: number): number => Math.max(RIGHT_WITHIN * targetG, stepG / 2);
  // a little too much is within what is allowed and raises nothing
  const over = targetsG.map((targetG, i) => ((inG[i] ?? 0) > targetG + allowedG(targetG) ? (inG[i] ?? 0) / targetG : 1));
  const factor = Math.max(1, ...over);
  const components = targetsG.map((asked, i): WeighedIn => {
    const targetG = asked * factor;
    const there = inG[i] ?? 0;
    const isIn = Math.abs(targetG - there) <= allowedG(targetG) + 1e-9;
    return { targetG, inG: there, stillG: isIn ? 0 : targetG - there, isIn };
  });
  return {
    components,
    factor,
    isDone: components.every(({ isIn }) => isIn),
    worstStepPct: Math.max(0, ...components.map(({ targetG }) => (100 * (stepG / 2)) / targetG)),
  };
}

/**
 * The cup as it was really weighed: its parts are what is in it, mL, and its total their sum. What has no part in the cup was not weighed and stays out.
 * @param inG grams of each component that has a part, in their order @throws RangeError where a density is not above 0.
 */
export function cupOfWeights<C extends Pick<Cup, 'components' | 'totalMl'>>(cup: C, inG: readonly number[], what: readonly Measured[]): C {
  const weighed = cup.components.filter(({ parts }) => parts > 0);
  const volumes = weighed.map((_, i) => {
    const density = what[i]?.densityGPerMl ?? 0;
    if (!(density > 0)) throw new RangeError(`density of component ${String(i + 1)} must be above 0 g/ml`);
    return (inG[i] ?? 0) / density;
  });
  const components = cup.components.map((component) => {
    const at = weighed.indexOf(component);
    return at < 0 ? component : { ...component, parts: volumes[at] ?? 0 };
  });
  return { ...cup, components, totalMl: volumes.reduce((sum, ml) => sum + ml, 0) };
}
