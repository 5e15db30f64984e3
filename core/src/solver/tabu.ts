import type { Graph } from './graph.js';
import { Orders } from './orders.js';
import type { Schedule } from './solution.js';

/**
 * Tabu search for the job-shop and its kin. Neighbours swap two at the edge of a block of the critical path (E. Nowicki & C. Smutnicki, “A fast taboo
 * search algorithm for the job shop problem”, Management Science 42 (1996) 797); when it runs dry it goes on from a shaken copy of the best.
 */

/** Moves that are not undone for a while: so many at least, and so many more by chance (from memory of the literature). */
const TABU_LEAST = 8;
const TABU_MORE = 8;
/** So many moves without a better schedule, then it is shaken (our numbers). */
const PATIENCE = 2000;
const SHAKES = 10;

/** Every operation holds one resource and no lag has a maximum. */
export const suitsTabu = ({ problem: { operations, lags } }: Graph): boolean =>
  operations.every(({ resources }) => resources.length === 1) && lags.every(({ minMin, maxMin }) => maxMin === null && minMin >= 0);

/** Priority rules for a first schedule: most work left, longest first, shortest first. */
const RULES: readonly ((work: number, duration: number) => number)[] = [
  (work) => -work,
  (_work, duration) => -duration,
  (_work, duration) => duration,
];

/** Operations put onto their resources one after the other, by a rule among those whose lags are done. */
function dispatched(graph: Graph, rule: (typeof RULES)[number]): Orders {
  const { problem, nodes, durations, arcs } = graph;
  const resources = [...new Set(problem.operations.flatMap((operation) => operation.resources))];
  const sequences: number[][] = resources.map(() => []);
  const into = Array.from({ length: nodes }, () => 0);
  const out = Array.from({ length: nodes }, (): { to: number; weight: number }[] => []);
  for (const { from, to, weight } of arcs)
    if (from !== 0) {
      into[to] = (into[to] ?? 0) + 1;
      out[from]?.push({ to, weight });
    }
  const work = new Map<number, number>();
  const workLeft = (node: number): number => {
    let left = work.get(node);
    if (left === undefined) {
      left = Math.max(durations[node] ?? 0, ...(out[node] ?? []).map(({ to, weight }) => weight + workLeft(to)));
      work.set(node, left);
    }
    return left;
  };
  const head = arcs.slice(0, nodes - 1).map(({ weight }) => weight);
  const free = resources.map(() => 0);
  const ready = new Set(Array.from({ length: nodes - 1 }, (_, i) => i + 1).filter((node) => into[node] === 0));
  while (ready.size > 0) {
    // Giffler & Thompson: the resource on which something ends first, and on it whoever could still begin before that
    const resourceOf = (node: number): number => resources.indexOf(problem.operations[node - 1]?.resources[0] ?? '');
    const startOf = (node: number): number => Math.max(head[node - 1] ?? 0, free[resourceOf(node)] ?? 0);
    const soonest = [...ready].reduce((best, node) =>
      startOf(node) + (durations[node] ?? 0) < startOf(best) + (durations[best] ?? 0) ? node : best,
    );
    const until = startOf(soonest) + (durations[soonest] ?? 0);
    const conflict = [...ready].filter((node) => resourceOf(node) === resourceOf(soonest) && (startOf(node) < until || node === soonest));
    const chosen = conflict.reduce((best, node) =>
      rule(workLeft(node), durations[node] ?? 0) < rule(workLeft(best), durations[best] ?? 0) ? node : best,
    );
    const start = startOf(chosen);
    sequences[resourceOf(chosen)]?.push(chosen);
    free[resourceOf(chosen)] = start + (durations[chosen] ?? 0);
    ready.delete(chosen);
    for (const { to, weight } of out[chosen] ?? []) {
      head[to - 1] = Math.max(head[to - 1] ?? 0, start + weight);
      into[to] = (into[to] ?? 0) - 1;
      if (into[to] === 0) ready.add(to);
    }
  }
  return new Orders(graph, sequences);
}

/** Swaps at the edges of the blocks of a critical path: inside a block nothing is won; at the two ends of the path only inwards. */
function moves(orders: Orders): [number, number][] {
  const path = orders.criticalPath();
  const out: [number, number][] = [];
  for (let from = 0; from < path.length;) {
    let to = from;
    while (to + 1 < path.length && orders.next(path[to] ?? 0) === path[to + 1]) to++;
    const pair = (at: number): [number, number] => [path[at] ?? 0, path[at + 1] ?? 0];
    if (to > from) {
      if (from > 0) out.push(pair(from));
      if (to < path.length - 1 && (to - from > 1 || from === 0)) out.push(pair(to - 1));
    }
    from = to + 1;
  }
  return out;
}

/** A search that can be gone on with: each call improves until the bound is met or `stop`. */
export function tabuSearch(
  graph: Graph,
  boundMin: number,
  random: () => number,
  onBetter: (schedule: Schedule) => void,
): (stop: () => boolean) => void {
  const starts = RULES.map((rule) => dispatched(graph, rule));
  for (const start of starts) start.evaluate();
  let now = starts.reduce((best, one) => (one.makespan < best.makespan ? one : best));
  let best = now.makespan;
  let bestSequences = now.sequences.map((sequence) => [...sequence]);
  onBetter(now.schedule());
  const { nodes } = graph;
  const tabuUntil = new Int32Array(nodes * nodes);
  let [move, since] = [0, 0];

  /** The best neighbour that is not forbidden, or that beats all; any where all are. */
  const choose = (neighbours: readonly [number, number][]): [number, number] => {
    let chosen: [number, number] | null = null;
    let least = Infinity;
    for (const [first, second] of neighbours) {
      const estimate = now.estimate(first, second);
      const isTabu = (tabuUntil[second * nodes + first] as number) > move;
      if (isTabu && estimate >= best - 1e-9) continue;
      if (estimate < least || (estimate === least && random() < 0.5)) [chosen, least] = [[first, second], estimate];
    }
    return chosen ?? neighbours[Math.floor(random() * neighbours.length)] ?? [0, 0];
  };

  return (stop) => {
    while (best > boundMin + 1e-9) {
      if (++move % 128 === 0 && stop()) return;
      const neighbours = moves(now);
      if (neighbours.length === 0) return;
      const [first, second] = choose(neighbours);
      now.swap(first, second);
      // what came first shall not come first again for a while
      tabuUntil[first * nodes + second] = move + TABU_LEAST + Math.floor(random() * TABU_MORE);
      if (!now.evaluate()) {
        now.swap(second, first);
        now.evaluate();
        continue;
      }
      since++;
      if (now.makespan < best - 1e-9) {
        best = now.makespan;
        bestSequences = now.sequences.map((sequence) => [...sequence]);
        since = 0;
        onBetter(now.schedule());
      }
      if (since > PATIENCE) {
        now = shaken(graph, bestSequences, random);
        tabuUntil.fill(0);
        since = 0;
      }
    }
  };
}

/** The best with some critical swaps made at random. */
function shaken(graph: Graph, sequences: readonly (readonly number[])[], random: () => number): Orders {
  const orders = new Orders(
    graph,
    sequences.map((sequence) => [...sequence]),
  );
  orders.evaluate();
  for (let i = 0; i < SHAKES; i++) {
    const all = moves(orders);
    const [first, second] = all[Math.floor(random() * all.length)] ?? [0, 0];
    if (first === 0) break;
    orders.swap(first, second);
    if (!orders.evaluate()) {
      orders.swap(second, first);
      orders.evaluate();
    }
  }
  return orders;
}
