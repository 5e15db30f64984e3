import { gapMin, type Graph } from './graph.js';
import type { Schedule } from './solution.js';

/**
 * One order on each resource, for problems where every operation holds one resource and no lag has a maximum, and what follows from it: heads, tails, the
 * longest path.
 */
export class Orders {
  /** Place of each node in the order of its resource. */
  readonly place: Int32Array;
  readonly head: Float64Array;
  /** Longest path from a node's start to the end of all, its own duration included. */
  readonly tail: Float64Array;
  readonly resourceOf: Int32Array;
  makespan = Infinity;
  private readonly inDegree: Int32Array;
  private readonly out: { to: number; weight: number }[][];
  private readonly into: { from: number; weight: number }[][];
  /** From the start of a node to the start of another on its resource, by first × nodes + second. */
  private readonly weights: Float64Array;
  private readonly sorted: Int32Array;
  private readonly waiting: Int32Array;

  constructor(
    readonly graph: Graph,
    readonly sequences: number[][],
  ) {
    const { nodes, problem } = graph;
    const numbers = (): Int32Array => new Int32Array(nodes);
    [this.place, this.resourceOf, this.inDegree, this.sorted, this.waiting] = [numbers(), numbers(), numbers(), numbers(), numbers()];
    this.head = new Float64Array(nodes);
    this.tail = new Float64Array(nodes);
    this.out = Array.from({ length: nodes }, () => []);
    this.into = Array.from({ length: nodes }, () => []);
    this.weights = new Float64Array(nodes * nodes);
    for (const { from, to, weight } of graph.arcs) {
      if (from === 0) continue;
      this.out[from]?.push({ to, weight });
      this.into[to]?.push({ from, weight });
      this.inDegree[to] = (this.inDegree[to] as number) + 1;
    }
    for (const [resource, sequence] of sequences.entries())
      for (const [i, node] of sequence.entries()) {
        this.place[node] = i;
        this.resourceOf[node] = resource;
      }
    const { operations, setup } = problem;
    for (const sequence of sequences)
      for (const first of sequence)
        for (const second of sequence) {
          const [one, other] = [operations[first - 1], operations[second - 1]];
          if (one && other) this.weights[first * nodes + second] = one.durationMin + gapMin(one, other, setup);
        }
  }

  next(node: number): number | undefined {
    return this.sequences[this.resourceOf[node] as number]?.[(this.place[node] as number) + 1];
  }

  before(node: number): number | undefined {
    return this.sequences[this.resourceOf[node] as number]?.[(this.place[node] as number) - 1];
  }

  private weight(first: number, second: number): number {
    return this.weights[first * this.graph.nodes + second] as number;
  }

  swap(first: number, second: number): void {
    const sequence = this.sequences[this.resourceOf[first] as number];
    const at = this.place[first] as number;
    if (!sequence) return;
    sequence[at] = second;
    sequence[at + 1] = first;
    this.place[second] = at;
    this.place[first] = at + 1;
  }

  /** Works out heads, tails and makespan; false when the orders go round in a circle. */
  evaluate(): boolean {
    const { nodes, arcs, durations } = this.graph;
    const { head, tail, sorted, waiting, out } = this;
    let [read, write] = [0, 0];
    for (let i = 1; i < nodes; i++) {
      waiting[i] = (this.inDegree[i] as number) + ((this.place[i] as number) > 0 ? 1 : 0);
      head[i] = arcs[i - 1]?.weight ?? 0;
      if (waiting[i] === 0) sorted[write++] = i;
    }
    const reached = (to: number, at: number): void => {
      if (at > (head[to] as number)) head[to] = at;
      waiting[to] = (waiting[to] as number) - 1;
      if (waiting[to] === 0) sorted[write++] = to;
    };
    while (read < write) {
      const node = sorted[read++] as number;
      const here = head[node] as number;
      for (const { to, weight } of out[node] ?? []) reached(to, here + weight);
      const next = this.next(node);
      if (next !== undefined) reached(next, here + this.weight(node, next));
    }
    if (write < nodes - 1) return false;
    this.makespan = 0;
    for (let k = write - 1; k >= 0; k--) {
      const node = sorted[k] as number;
      let longest = durations[node] as number;
      for (const { to, weight } of out[node] ?? []) longest = Math.max(longest, weight + (tail[to] as number));
      const next = this.next(node);
      if (next !== undefined) longest = Math.max(longest, this.weight(node, next) + (tail[next] as number));
      tail[node] = longest;
      this.makespan = Math.max(this.makespan, (head[node] as number) + longest);
    }
    return true;
  }

  /** Makespan that swapping two neighbours would lead to, estimated from below (É. Taillard 1994, from memory). */
  estimate(first: number, second: number): number {
    const { head, tail } = this;
    const { durations, arcs } = this.graph;
    const [ahead, after] = [this.before(first), this.next(second)];
    const lagHead = (node: number): number => {
      let at = arcs[node - 1]?.weight ?? 0;
      for (const { from, weight } of this.into[node] ?? []) at = Math.max(at, (head[from] as number) + weight);
      return at;
    };
    const lagTail = (node: number): number => {
      let longest = durations[node] as number;
      for (const { to, weight } of this.out[node] ?? []) longest = Math.max(longest, weight + (tail[to] as number));
      return longest;
    };
    const secondHead = Math.max(lagHead(second), ahead === undefined ? 0 : (head[ahead] as number) + this.weight(ahead, second));
    const firstHead = Math.max(lagHead(first), secondHead + this.weight(second, first));
    const firstTail = Math.max(lagTail(first), after === undefined ? 0 : this.weight(first, after) + (tail[after] as number));
    const secondTail = Math.max(lagTail(second), this.weight(second, first) + firstTail);
    return Math.max(secondHead + secondTail, firstHead + firstTail);
  }

  /** One longest path, from its first operation to its last. */
  criticalPath(): number[] {
    const { nodes } = this.graph;
    const { head, tail, makespan, out } = this;
    const critical = (node: number): boolean => Math.abs((head[node] as number) + (tail[node] as number) - makespan) < 1e-9;
    let at = 0;
    for (let i = 1; i < nodes && at === 0; i++)
      if (critical(i) && Math.abs((head[i] as number) - (this.graph.arcs[i - 1]?.weight ?? 0)) < 1e-9) at = i;
    const path: number[] = [];
    while (at !== 0) {
      path.push(at);
      const here = head[at] as number;
      const follows = (to: number, weight: number): boolean => critical(to) && Math.abs((head[to] as number) - here - weight) < 1e-9;
      const next = this.next(at);
      const lag = out[at]?.find(({ to, weight }) => follows(to, weight))?.to;
      at = next !== undefined && follows(next, this.weight(at, next)) ? next : (lag ?? 0);
    }
    return path;
  }

  schedule(): Schedule {
    const startsMin = Object.fromEntries(this.graph.problem.operations.map(({ id }, i) => [id, this.head[i + 1] as number]));
    return { startsMin, makespanMin: this.makespan };
  }
}
