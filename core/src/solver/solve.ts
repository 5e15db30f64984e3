import { seededFrom } from '../units/index.js';
import { lowerBoundMin } from './bounds.js';
import { improveEvenings } from './evenings/index.js';
import { exact, rooted } from './exact.js';
import { graphOf } from './graph.js';
import type { ScheduleProblem } from './problem.js';
import type { Schedule, Solution, SolveOptions } from './solution.js';
import { suitsTabu, tabuSearch } from './tabu.js';

/** Up to so many operations the exact search is the quickest way to the best; above the second number it hardly gets anywhere (our numbers). */
const EXACT_ALONE_UP_TO = 14;
const EXACT_UP_TO = 60;
/** Shares of the time for a strong start, and until when it is tried to prove it the best. */
const START_SHARE = 0.2;
const PROOF_SHARE = 0.7;

/**
 * The one door: puts operations in time. Without a calendar it finds the smallest makespan; with one it lays work into evenings by what is wished for. With a
 * proof where time allows. Anytime: what is found is told at once, and the clock that is given ends it. @throws RangeError naming what is wrong with the problem.
 */
export function solveSchedule(problem: ScheduleProblem, options: SolveOptions): Solution {
  return problem.calendar ? inEvenings(problem, options) : roundTheClock(problem, options);
}

function inEvenings(problem: ScheduleProblem, { timeLimitMs, seed = 1, now, onProgress, wishes, start }: SolveOptions): Solution {
  const began = now();
  const { notBeforeMin = 0 } = problem.calendar ?? {};
  const scheduleOf = (found: NonNullable<Solution['evenings']>): Schedule => ({
    startsMin: Object.fromEntries(found.plan.placed.map(({ id, startMin }) => [id, startMin])),
    makespanMin: found.plan.finishMin ?? notBeforeMin,
  });
  const evenings = improveEvenings(problem, {
    wishes,
    seed,
    start,
    stop: () => now() - began >= timeLimitMs,
    onBetter: (better) => onProgress?.(scheduleOf(better), better.bounds.finishMin ?? notBeforeMin, better),
  });
  const impossible = evenings.bounds.finishMin === Infinity;
  return {
    schedule: evenings.plan.unplaced.length > 0 ? null : scheduleOf(evenings),
    lowerBoundMin: evenings.bounds.finishMin ?? notBeforeMin,
    proven: impossible || evenings.proven,
    evenings,
  };
}

function roundTheClock(problem: ScheduleProblem, { timeLimitMs, seed = 1, now, onProgress }: SolveOptions): Solution {
  const began = now();
  const until = (share: number) => (): boolean => now() - began >= share * timeLimitMs;
  const graph = graphOf(problem);
  const root = rooted(graph);
  if (!root) return { schedule: null, lowerBoundMin: Infinity, proven: true, evenings: null };
  const bound = lowerBoundMin(graph, root);
  let best: Schedule | null = null;
  const better = (schedule: Schedule): void => {
    best = schedule;
    onProgress?.(schedule, bound, null);
  };
  const found = (): Schedule | null => best;
  const met = (): boolean => (found()?.makespanMin ?? Infinity) <= bound + 1e-9;
  const count = problem.operations.length;
  const search = suitsTabu(graph) && count > EXACT_ALONE_UP_TO ? tabuSearch(graph, bound, seededFrom(seed), better) : null;
  const tryExact = count <= EXACT_UP_TO || search === null;
  search?.(until(tryExact ? START_SHARE : 1));
  if (tryExact && !met()) {
    const { complete } = exact(graph, best, until(search ? PROOF_SHARE : 1), better);
    if (complete) return { schedule: found(), lowerBoundMin: found()?.makespanMin ?? Infinity, proven: true, evenings: null };
    search?.(until(1));
  }
  return { schedule: found(), lowerBoundMin: bound, proven: met(), evenings: null };
}
