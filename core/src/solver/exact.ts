import { lowerBoundMin } from './bounds.js';
import { Distances, type Graph, type Pair } from './graph.js';
import type { Schedule } from './solution.js';

/** A schedule ends earlier only if it does so by this much. */
const BETTER_BY = 1e-6;

export interface ExactResult {
  best: Schedule | null;
  /** All was gone through: the best is the best there is, or there is none. */
  complete: boolean;
}

const scheduleOf = ({ problem, durations }: Graph, distances: Distances): Schedule => {
  const startsMin: Record<string, number> = {};
  let makespanMin = 0;
  for (const [i, { id }] of problem.operations.entries()) {
    const start = distances.at(0, i + 1);
    startsMin[id] = start;
    makespanMin = Math.max(makespanMin, start + (durations[i + 1] ?? 0));
  }
  return { startsMin, makespanMin };
};

/** Distances with all lags in; null when the lags alone contradict each other. */
export function rooted(graph: Graph): Distances | null {
  const distances = Distances.empty(graph.nodes);
  for (const { from, to, weight } of graph.arcs) if (!distances.add(from, to, weight)) return null;
  return distances;
}

/** No operation may end after this: what must then come first, and whether it can be at all. */
function endsBy(graph: Graph, distances: Distances, byMin: number): boolean {
  for (let i = 1; i < graph.nodes; i++) if (!distances.add(i, 0, (graph.durations[i] ?? 0) - byMin)) return false;
  return true;
}

/** Settles each pair of which only one order is left; false when one has none. `open` is shortened in place. */
function propagate(distances: Distances, open: Pair[]): boolean {
  for (let changed = true; changed;) {
    changed = false;
    for (let i = open.length - 1; i >= 0; i--) {
      const pair = open[i];
      if (!pair) continue;
      const { a, b, ab, ba } = pair;
      const forward = distances.at(b, a) + ab <= 1e-9;
      const backward = distances.at(a, b) + ba <= 1e-9;
      if (forward && backward) continue;
      if (!forward && !backward) return false;
      if (forward ? !distances.add(a, b, ab) : !distances.add(b, a, ba)) return false;
      open[i] = open.at(-1) ?? pair;
      open.pop();
      changed = true;
    }
  }
  return true;
}

/** How much room each order of a pair has; the pair with least of it is decided first. */
const room = (distances: Distances, { a, b, ab, ba }: Pair): number => Math.min(-distances.at(b, a) - ab, -distances.at(a, b) - ba);

/**
 * Branches on which of a pair comes first and keeps time windows by longest paths; what cannot end before the best so far is cut off. Small
 * problems are gone through whole; larger ones until `stop`.
 */
export function exact(graph: Graph, startFrom: Schedule | null, stop: () => boolean, onBetter: (schedule: Schedule) => void): ExactResult {
  const root = rooted(graph);
  let best = startFrom;
  let complete = true;
  let nodes = 0;
  const search = (distances: Distances, open: Pair[]): void => {
    if (++nodes % 16 === 0 && stop()) complete = false;
    if (!complete) return;
    if (best && !endsBy(graph, distances, best.makespanMin - BETTER_BY)) return;
    if (!propagate(distances, open)) return;
    if (best && lowerBoundMin(graph, distances) >= best.makespanMin - BETTER_BY) return;
    let [choice, least] = [-1, Infinity];
    for (const [i, pair] of open.entries()) {
      const here = room(distances, pair);
      if (choice < 0 || here < least) [choice, least] = [i, here];
    }
    const pair = open[choice];
    if (!pair) {
      best = scheduleOf(graph, distances);
      onBetter(best);
      return;
    }
    const rest = open.filter((one) => one !== pair);
    const { a, b, ab, ba } = pair;
    const orders = [
      { from: a, to: b, weight: ab },
      { from: b, to: a, weight: ba },
    ];
    // the order with more room is tried first
    if (-distances.at(b, a) - ab < -distances.at(a, b) - ba) orders.reverse();
    for (const { from, to, weight } of orders) {
      const next = distances.copy();
      if (next.add(from, to, weight)) search(next, [...rest]);
    }
  };
  if (root) search(root, [...graph.pairs]);
  return { best, complete };
}
