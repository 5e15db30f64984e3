import { constantAir, type Air } from '../climate/index.js';
import { CATALOGUE, type Supplies } from '../materials/index.js';
import type { Step } from '../subjects/index.js';
import { intersect, type Interval } from '../units/index.js';
import type { Subject } from './subject.js';
import { allOpenings } from './walker.js';

/** When a step may come after an earlier one, in minutes from that one's end, in unchanging air. */
export interface RelativeOpening {
  fromIndex: number;
  toIndex: number;
  list: Interval[];
  /** Dry matter is held by what is still wet: the first window is the one that is meant. */
  intoWet: boolean;
}

/**
 * What each step waits for, if the air were always the same: the same openings that the walker and the rules use,
 * counted from the end of the step that laid the layer. One entry per pair of steps; zones are intersected.
 */
export function relativeOpenings(
  subject: Subject,
  steps: readonly Step[],
  air: Air,
  places: Readonly<Record<string, Air>> = {},
  supplies: Supplies = CATALOGUE,
  dryFactors: readonly number[] = [],
): RelativeOpening[] {
  const pairs = new Map<string, RelativeOpening>();
  for (const { stepIndex, opening } of allOpenings({
    subject,
    steps,
    startsMin: [],
    durationsMin: [],
    bench: constantAir(air),
    places,
    supplies,
    dryFactors,
  })) {
    const fromIndex = opening.layer.stepIndex;
    const list = opening.list.map((gap) => ({ fromMin: gap.fromMin - opening.layer.endMin, toMin: gap.toMin - opening.layer.endMin }));
    const key = `${String(fromIndex)}:${String(stepIndex)}`;
    const known = pairs.get(key);
    const intoWet = opening.prefersFirst ?? false;
    pairs.set(key, { fromIndex, toIndex: stepIndex, list: known ? intersect(known.list, list) : list, intoWet });
  }
  return [...pairs.values()];
}
