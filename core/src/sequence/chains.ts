import type { Air } from '../climate/index.js';
import { stageMinutes } from '../drying/index.js';
import { CATALOGUE, type Material, type Supplies } from '../materials/index.js';
import type { Step } from '../subjects/index.js';
import { incomingOf, type Incoming } from './incoming.js';
import { zonesNamed, type Subject } from './subject.js';

/** Tape left longer creeps, leaves its glue and pulls paint (common practice). */
const LONGEST_MASKED_MIN = 2 * 24 * 60;

/** How long a mask of this may stay; of one that is not named, as long as tape. */
export const maskedMin = (material: Material | null | undefined): number => material?.comesOffUntilMin ?? LONGEST_MASKED_MIN;
/** What was wetted takes up thinned glue for so long before it has dried on top again (from memory). */
export const STAYS_WET_MIN = 20;

/** What belongs together and no layer tells of: from the end of one step the other comes within so many minutes. */
export interface Chain {
  fromIndex: number;
  toIndex: number;
  withinMin: number;
  /** Coming later spoils something; else it is only better so. */
  holds: boolean;
}

/** Floods what was wetted for it. */
const floods = ({ technique }: Incoming): boolean => technique.soaksLoose && technique.effect === 'slurry';

const isEndOfChain = (one: Incoming): boolean => one.technique.effect === 'unmask' || floods(one);

/**
 * Chains of a sequence, if the air were always the same: tape comes off while the edge of the last coat gives way, and while the mask comes
 * off clean; glue floods what
 * was wetted for it. What dry matter, blending and chipping ask of what is wet are openings, not chains.
 */
export function chainsOf(subject: Subject, steps: readonly Step[], air: Air, supplies: Supplies = CATALOGUE): Chain[] {
  const incoming = steps.map((step) => incomingOf(step, supplies));
  if (!incoming.some(isEndOfChain)) return [];
  const on = steps.map((step) => new Set(zonesNamed(subject, step.zones).map(({ id }) => id)));
  const meets = (a: number, b: number): boolean => [...(on[a] ?? [])].some((zone) => on[b]?.has(zone));
  const before = (index: number, is: (one: Incoming) => boolean): number =>
    incoming.findLastIndex((one, i) => i < index && is(one) && meets(i, index));
  return incoming.flatMap((one, toIndex): Chain[] => {
    if (one.technique.effect === 'unmask') {
      const fromIndex = before(toIndex, ({ technique }) => technique.effect === 'mask');
      if (fromIndex < 0) return [];
      const coat = incoming.findLastIndex(({ technique }, i) => i > fromIndex && i < toIndex && technique.effect === 'film');
      const { material, film } = incoming[coat] ?? {};
      const soft =
        material && film ? [{ fromIndex: coat, toIndex, withinMin: stageMinutes(material, 'dryHard', film, air), holds: false }] : [];
      return [{ fromIndex, toIndex, withinMin: maskedMin(incoming[fromIndex]?.material), holds: true }, ...soft];
    }
    if (!floods(one)) return [];
    const fromIndex = before(toIndex, ({ technique }) => technique.soaksLoose && technique.effect === 'wet');
    return fromIndex < 0 ? [] : [{ fromIndex, toIndex, withinMin: STAYS_WET_MIN, holds: true }];
  });
}
