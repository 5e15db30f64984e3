import type { ScheduleOperation, ScheduleProblem } from './problem.js';

/** A pair that wants the same resource: one comes first, with so much between the starts. */
export interface Pair {
  a: number;
  b: number;
  /** `start(b) − start(a)` at least, when a comes first; and the other way round. */
  ab: number;
  ba: number;
}

/** The problem in numbers. Node 0 is the beginning; operation i is node i + 1. */
export interface Graph {
  problem: ScheduleProblem;
  nodes: number;
  durations: Float64Array;
  /** `start(to) − start(from) ≥ weight`. */
  arcs: { from: number; to: number; weight: number }[];
  pairs: Pair[];
}

/** What must lie between the end of one and the start of another that share a resource. */
export function gapMin(first: ScheduleOperation, second: ScheduleOperation, setup: ScheduleProblem['setup']): number {
  if (!setup || !first.resources.includes(setup.resource) || !second.resources.includes(setup.resource)) return 0;
  return (first.colour ?? null) === (second.colour ?? null) ? 0 : setup.minutes;
}

/** @throws RangeError naming what is wrong: unknown or doubled ids, durations or lags that are no numbers of at least 0. */
export function graphOf(problem: ScheduleProblem): Graph {
  const { operations, lags, setup } = problem;
  const nodeOf = new Map<string, number>();
  const durations = new Float64Array(operations.length + 1);
  for (const [i, { id, durationMin }] of operations.entries()) {
    if (nodeOf.has(id)) throw new RangeError(`operation id '${id}' must occur once`);
    if (!(durationMin >= 0) || !Number.isFinite(durationMin))
      throw new RangeError(`durationMin of '${id}' must be at least 0, got ${String(durationMin)}`);
    nodeOf.set(id, i + 1);
    durations[i + 1] = durationMin;
  }
  const node = (id: string): number => {
    const found = nodeOf.get(id);
    if (found === undefined) throw new RangeError(`lag names operation '${id}', which is not there`);
    return found;
  };
  const arcs = operations.map(({ releaseMin = 0 }, i) => ({ from: 0, to: i + 1, weight: Math.max(0, releaseMin) }));
  for (const { from, to, minMin, maxMin } of lags) {
    const [a, b] = [node(from), node(to)];
    if (Number.isNaN(minMin) || (maxMin !== null && !(maxMin >= minMin)))
      throw new RangeError(`lag from '${from}' to '${to}' must have minMin ≤ maxMin, got ${String(minMin)} and ${String(maxMin)}`);
    const duration = durations[a] ?? 0;
    arcs.push({ from: a, to: b, weight: duration + minMin });
    if (maxMin !== null) arcs.push({ from: b, to: a, weight: -(duration + maxMin) });
  }
  const pairs: Pair[] = [];
  for (const [i, one] of operations.entries())
    for (const [k, other] of operations.entries()) {
      if (k <= i || !one.resources.some((resource) => other.resources.includes(resource))) continue;
      pairs.push({
        a: i + 1,
        b: k + 1,
        ab: one.durationMin + gapMin(one, other, setup),
        ba: other.durationMin + gapMin(other, one, setup),
      });
    }
  return { problem, nodes: operations.length + 1, durations, arcs, pairs };
}

/**
 * Longest distances between all nodes, kept as arcs are added: `at(i, j)` is the least that start(j) − start(i) can be. A positive cycle
 * means that it cannot be.
 */
export class Distances {
  constructor(
    readonly nodes: number,
    readonly d: Float64Array,
  ) {}

  static empty(nodes: number): Distances {
    const d = new Float64Array(nodes * nodes).fill(-Infinity);
    for (let i = 0; i < nodes; i++) d[i * nodes + i] = 0;
    return new Distances(nodes, d);
  }

  copy(): Distances {
    return new Distances(this.nodes, this.d.slice());
  }

  at(from: number, to: number): number {
    return this.d[from * this.nodes + to] as number;
  }

  /** Adds an arc; false when that closes a positive cycle. */
  add(from: number, to: number, weight: number): boolean {
    const { nodes, d } = this;
    if (this.at(to, from) + weight > 1e-9) return false;
    if (weight <= this.at(from, to)) return true;
    for (let i = 0; i < nodes; i++) {
      const into = (d[i * nodes + from] as number) + weight;
      if (into === -Infinity) continue;
      for (let k = 0; k < nodes; k++) {
        const through = into + (d[to * nodes + k] as number);
        if (through > (d[i * nodes + k] as number)) d[i * nodes + k] = through;
      }
    }
    return true;
  }
}
