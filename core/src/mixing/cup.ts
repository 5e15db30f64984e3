import { amountsOf, mlOf, type Instruments, type Measure, type Measured } from './measures.js';
import type { MixComponent } from './mix.js';
import { volumesFromParts } from './volumes.js';

/** A cup as it is being thought out: what goes in, in which measure it is told, and how much is made. */
export interface Cup {
  components: MixComponent[];
  measure: Measure;
  totalMl: number;
}

/** Exact volumes, mL. @throws RangeError when nothing is in it. */
export const volumesOfCup = ({ components, totalMl }: Pick<Cup, 'components' | 'totalMl'>): number[] =>
  volumesFromParts(
    components.map(({ parts }) => parts),
    totalMl,
  );

/** The amounts to show in the cup's measure. Parts are shown as they were typed. */
export function shownAmounts(cup: Cup, what: readonly Measured[], tools?: Instruments): number[] {
  if (cup.measure === 'parts' || cup.components.every(({ parts }) => parts === 0)) return cup.components.map(({ parts }) => parts);
  return amountsOf(volumesOfCup(cup), cup.measure, what, tools);
}

/**
 * One amount typed anew. Parts change the ratio and keep the whole; a percentage takes from the others what it needs; drops,
 * millilitres, caps, grams and spoons are what is really there, so the whole grows or shrinks.
 */
export function withAmount(cup: Cup, index: number, amount: number, what: readonly Measured[], tools?: Instruments): Cup {
  const set = (parts: readonly number[]): MixComponent[] => cup.components.map((component, i) => ({ ...component, parts: parts[i] ?? 0 }));
  const now = cup.components.map(({ parts }) => parts);
  if (cup.measure === 'parts') return { ...cup, components: set(now.map((parts, i) => (i === index ? amount : parts))) };
  if (cup.measure === 'percent') {
    const others = now.reduce((sum, parts, i) => (i === index ? sum : sum + parts), 0);
    const left = 100 - amount;
    return {
      ...cup,
      components: set(
        now.map((parts, i) => (i === index ? amount : others > 0 ? (parts / others) * left : left / Math.max(1, now.length - 1))),
      ),
    };
  }
  const one = what[index];
  if (!one) throw new RangeError(`nothing is known of component ${String(index + 1)}`);
  const volumes = now.some((parts) => parts > 0) ? volumesOfCup(cup) : now;
  const changed = volumes.map((ml, i) =>
    i === index ? mlOf(amount, cup.measure as Exclude<Measure, 'parts' | 'percent'>, one, tools) : ml,
  );
  return { ...cup, components: set(changed), totalMl: changed.reduce((a, b) => a + b, 0) };
}
