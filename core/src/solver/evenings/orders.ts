import { MINUTES_PER_DAY } from '../../units/index.js';
import type { Compiled, Node } from './compile.js';
import { noChoices, place, type Draft } from './placing.js';
import { latestStarts } from './windows.js';

/** Longest way from the start of each to the end of all, waits as if it were evening all the time: what makes work urgent. */
function urgency({ nodes, topological }: Compiled): Float64Array {
  const tail = new Float64Array(nodes.length);
  for (const index of [...topological].reverse()) {
    const node = nodes[index] as Node;
    let after = 0;
    for (const next of node.successors) {
      const lag = nodes[next]?.into.find(({ from }) => from === index);
      const { eveningMin = 0, nightMin = 0 } = lag?.windows[0]?.[0]?.open ?? {};
      after = Math.max(after, (tail[next] as number) + Math.max(0, Math.min(eveningMin, nightMin, 30 * MINUTES_PER_DAY)));
    }
    tail[index] = after + (node.modes[0]?.durationMin ?? 0);
  }
  return tail;
}

/** A window that this opens closes for the other. */
const closesAfter = ({ into }: Node, from: number): boolean =>
  into.some((lag) => lag.from === from && lag.windows[0]?.at(lag.prefersFirst ? 0 : -1)?.close != null);

/** An order by keys in which all still comes after what it follows; what hangs together by a window that closes stays together where it can. */
export function orderBy({ nodes, topological }: Compiled, key: (index: number) => number): number[] {
  const keys = new Float64Array(nodes.length);
  const rank = new Int32Array(nodes.length);
  topological.forEach((index, at) => {
    rank[index] = at;
    keys[index] = Math.max(key(index), ...(nodes[index] as Node).into.map(({ from }) => keys[from] as number));
  });
  const sorted = [...topological].sort((a, b) => (keys[a] as number) - (keys[b] as number) || (rank[a] as number) - (rank[b] as number));
  const waiting = nodes.map(({ into }) => into.length);
  const order: number[] = [];
  const put = (index: number): void => {
    if (waiting[index] !== 0) return;
    waiting[index] = -1;
    order.push(index);
    const { successors } = nodes[index] as Node;
    for (const next of successors) waiting[next] = (waiting[next] as number) - 1;
    for (const next of successors) if (closesAfter(nodes[next] as Node, index)) put(next);
  };
  for (const index of sorted) put(index);
  return order;
}

/**
 * First drafts by simple rules, forward and back: the earliest first, the most urgent first, what is due first, what could least wait, one job after the other. Each
 * is placed when it is asked for.
 */
export function* firstDrafts(compiled: Compiled): Generator<Draft> {
  const { nodes } = compiled;
  const by = (key: (index: number) => number): Draft => place(compiled, orderBy(compiled, key), noChoices(compiled));
  const alone = by(() => 0);
  const earliest = (index: number): number => alone.starts[index] || 0;
  const first = beforePins(compiled);
  if (first.size > 0) yield by((index) => earliest(index) - (first.has(index) ? FAR_MIN : 0));
  yield alone;
  yield by(earliest);
  const tail = urgency(compiled);
  const due = (index: number): number => (nodes[index]?.dueMin ?? 1e7) - (tail[index] as number);
  yield by((index) => -(tail[index] as number));
  yield by(due);
  const ends = alone.ends.filter((end) => !Number.isNaN(end));
  const latest = latestStarts(compiled, Math.max(compiled.notBeforeMin, ...ends));
  yield by((index) => latest[index] as number);
  yield by((index) => earliest(index) - (tail[index] as number) / 4);
  const jobTail = new Map<string, number>();
  for (const { job, index } of nodes) jobTail.set(job, Math.max(jobTail.get(job) ?? 0, tail[index] as number));
  yield by((index) => -(jobTail.get(nodes[index]?.job ?? '') ?? 0));
}

/** Earlier than anything else. */
export const FAR_MIN = 1e8;

/** What pinned operations follow: it must be done by then. */
export function beforePins({ nodes }: Compiled): Set<number> {
  const found = new Set<number>();
  const add = (index: number): void => {
    for (const { from } of nodes[index]?.into ?? []) {
      if (found.has(from)) continue;
      found.add(from);
      add(from);
    }
  };
  for (const { index, pinnedMin } of nodes) if (pinnedMin !== null) add(index);
  return found;
}

/** More and more of what may be left out: the least wanted first, of those the last first. */
export function* thinned({ nodes }: Compiled): Generator<ReadonlySet<number>> {
  const droppable = nodes
    .filter(({ dropCost }) => dropCost !== null)
    .sort((a, b) => (a.dropCost ?? 0) - (b.dropCost ?? 0) || b.index - a.index);
  for (let count = 1; count <= droppable.length; count++) yield new Set(droppable.slice(0, count).map(({ index }) => index));
}

/** Every order of these in which each comes after what it follows among them. */
export function* allOrders(nodes: readonly Node[]): Generator<number[]> {
  const here = new Set(nodes.map(({ index }) => index));
  const waiting = new Map(nodes.map(({ index, into }) => [index, into.filter(({ from }) => here.has(from)).length]));
  const placed = new Set<number>();
  const order: number[] = [];
  function* step(): Generator<number[]> {
    if (order.length === nodes.length) {
      yield [...order];
      return;
    }
    for (const { index, successors } of nodes) {
      if (placed.has(index) || waiting.get(index) !== 0) continue;
      const freed = successors.filter((next) => here.has(next));
      placed.add(index);
      order.push(index);
      for (const next of freed) waiting.set(next, (waiting.get(next) ?? 0) - 1);
      yield* step();
      for (const next of freed) waiting.set(next, (waiting.get(next) ?? 0) + 1);
      order.pop();
      placed.delete(index);
    }
  }
  yield* step();
}
