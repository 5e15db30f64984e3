import { cutPlan, type CuttingProblem, type CutPlan } from '@eveningtide/core/cutting';
import { outcomeOf } from '../pending-rows.js';
import type { RunRow } from '../outcome.js';

interface CuttingRow extends Omit<CuttingProblem, 'offcutsMm'> {
  name: string;
  minStrips: number;
}

/** Sums of lengths are off by less than this. */
const ROUNDING_MM = 1e-6;

/** What is wrong with a cut list, reckoned from the row alone. */
function faults({ stockLengthMm, kerfMm, demand, minStrips }: CuttingRow, { strips, newStrips, proven }: CutPlan): string[] {
  const cut = (lengthMm: number): number =>
    strips.flatMap(({ cuts }) => cuts).reduce((sum, one) => sum + (one.lengthMm === lengthMm ? one.count : 0), 0);
  const short = demand.filter(({ lengthMm }) => {
    const wanted = demand.reduce((sum, one) => sum + (one.lengthMm === lengthMm ? one.count : 0), 0);
    return cut(lengthMm) < wanted;
  });
  const long = strips.filter(({ cuts }) => {
    const pieces = cuts.reduce((sum, { count }) => sum + count, 0);
    const length = cuts.reduce((sum, { lengthMm, count }) => sum + lengthMm * count, 0);
    return length + (pieces - 1) * kerfMm > stockLengthMm + ROUNDING_MM;
  });
  return [
    ...short.map(({ lengthMm }) => `${String(lengthMm)} mm: ${String(cut(lengthMm))} pieces are too few`),
    ...long.map(
      ({ cuts }) => `does not fit on a strip: ${cuts.map(({ lengthMm, count }) => `${String(count)} × ${String(lengthMm)}`).join(' + ')}`,
    ),
    ...(newStrips === minStrips && strips.length === newStrips ? [] : [`minStrips expected ${String(minStrips)} got ${String(newStrips)}`]),
    ...(proven ? [] : ['it is not proven that fewer will not do']),
  ];
}

/** Strips to cut: covers, fits, and takes the fewest. */
export const cutting: RunRow = (raw) => {
  const row = raw as unknown as CuttingRow;
  return outcomeOf(row.name, faults(row, cutPlan(row)));
};
