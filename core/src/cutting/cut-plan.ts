import { bestPattern, type Pattern } from './knapsack.js';
import { relaxed } from './relaxed.js';
import { wholeProblem, type CuttingProblem } from './stock-problem.js';
import { fewestStrips } from './strips.js';

const EPS = 1e-6;

/** Pieces of one line of the demand that are cut from a strip, one after the other. */
export interface Cut {
  /** Which line of the demand. */
  line: number;
  lengthMm: number;
  count: number;
}

export interface CutStrip {
  lengthMm: number;
  isOffcut: boolean;
  /** Longest first. */
  cuts: Cut[];
  /** What is left behind the last cut; 0 where the last piece ends the strip or the saw takes the rest. */
  restMm: number;
}

export interface CutPlan {
  /** Offcuts first, then new strips; those that are cut alike stand together. */
  strips: CutStrip[];
  newStrips: number;
  /** No plan takes fewer new strips. */
  least: number;
  /** It cannot be done with fewer. */
  proven: boolean;
}

/**
 * What to cut from what: offcuts are used up as well as it goes, the rest takes as few new strips as can be found; exact for hobby sizes, else with the bound that
 * holds. Lengths in mm. Deterministic.
 * @throws RangeError that names the field where a length, a kerf or a count makes no sense, or a piece is longer than a strip.
 */
export function cutPlan(problem: CuttingProblem): CutPlan {
  const { classes, classOf, capacity, offcuts } = wholeProblem(problem);
  const sizes = classes.map(({ size }) => size);
  const counts = classes.map(({ count }) => count);
  const { worths } = relaxed(classes, capacity);
  const left = [...counts];
  const fromOffcuts = new Map<number, Pattern>();
  let saved = 0;
  // the shortest first: what fits on it does not take room on a longer one
  for (const at of offcuts.map((_, i) => i).sort((a, b) => (offcuts[a] ?? 0) - (offcuts[b] ?? 0))) {
    const room = offcuts[at] ?? 0;
    saved += bestPattern(sizes, worths, counts, room).most;
    const { pattern, worth } = bestPattern(sizes, worths, left, room);
    if (worth === 0) continue;
    fromOffcuts.set(at, pattern);
    pattern.forEach((count, i) => (left[i] = (left[i] ?? 0) - count));
  }
  const { patterns, least } = fewestStrips(
    classes.map(({ size }, i) => ({ size, count: left[i] ?? 0 })),
    capacity,
  );
  const asked = counts.reduce((sum, count, i) => sum + count * (worths[i] ?? 0), 0);
  const bound = offcuts.length === 0 ? least : Math.max(0, Math.ceil(asked - saved - EPS));
  const open = problem.demand.map(({ count }) => count);
  const cutsOf = (pattern: Pattern): Cut[] =>
    pattern.flatMap((count, k) => {
      let wanted = count;
      return problem.demand.flatMap(({ lengthMm }, line): Cut[] => {
        if (classOf[line] !== k || wanted === 0) return [];
        const taken = Math.min(wanted, open[line] ?? 0);
        open[line] = (open[line] ?? 0) - taken;
        wanted -= taken;
        return taken > 0 ? [{ line, lengthMm, count: taken }] : [];
      });
    });
  const strip = (lengthMm: number, isOffcut: boolean, pattern: Pattern): CutStrip => {
    const cuts = cutsOf(pattern);
    return { lengthMm, isOffcut, cuts, restMm: restOf(lengthMm, cuts, problem.kerfMm) };
  };
  const alike = patterns.toSorted((a, b) => compare(b, a));
  return {
    strips: [
      ...[...fromOffcuts].map(([at, pattern]) => strip(problem.offcutsMm?.[at] ?? 0, true, pattern)),
      ...alike.map((pattern) => strip(problem.stockLengthMm, false, pattern)),
    ],
    newStrips: patterns.length,
    least: Math.min(bound, patterns.length),
    proven: patterns.length <= bound,
  };
}

const compare = (a: Pattern, b: Pattern): number => {
  const at = a.findIndex((count, i) => count !== b[i]);
  return at < 0 ? 0 : (a[at] ?? 0) - (b[at] ?? 0);
};

/** To the hundredth of a millimetre: nobody measures an offcut closer. */
const HUNDREDTHS = 100;

/** Behind the last piece a cut comes too, where there is something to cut off. */
function restOf(lengthMm: number, cuts: readonly Cut[], kerfMm: number): number {
  const pieces = cuts.reduce((sum, { count }) => sum + count, 0);
  const used = cuts.reduce((sum, cut) => sum + cut.lengthMm * cut.count, 0) + pieces * kerfMm;
  return Math.max(0, Math.round((lengthMm - used) * HUNDREDTHS) / HUNDREDTHS);
}
