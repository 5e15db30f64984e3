import { seededFrom } from '../../units/index.js';
import type { Bounds } from './bounds.js';
import type { Compiled, Node } from './compile.js';
import { costOf, type Cost, type Wishes } from './cost.js';
import { firstEndingAfter } from './drying-clock.js';
import { noChoices, place, type Choices, type Draft } from './placing.js';

/** Up to so many operations all orders are tried. */
const ALL_ORDERS_UP_TO = 6;
/** A draft is taken if it is no worse than so many drafts ago (late acceptance, E. Burke & Y. Bykov, from memory). */
const MEMORY = 24;
const DAY_MIN = 1440;

export interface Judged {
  draft: Draft;
  cost: Cost;
}

export interface SearchOptions {
  wishes: Wishes;
  seed: number;
  bounds: Bounds;
  /** Asked before each new draft. */
  stop: (drafts: number) => boolean;
  onBetter: (best: Judged) => void;
  /** An order to begin with, by the ids of operations; what it does not name is put where it can begin. */
  from?: Start | null;
}

/** A plan as what led to it, so that it can be made again when something has changed since. */
export interface Start {
  order: readonly string[];
  /** Evenings kept free, by the minute they begin. */
  keptFree: readonly number[];
  /** Not before these minutes, by id. */
  fromMin: Readonly<Record<string, number>>;
  chosen: Readonly<Record<string, string>>;
}

/** Longest way from the start of each to the end of all, waits as if it were evening all the time: what makes work urgent. */
function urgency({ nodes, topological }: Compiled): Float64Array {
  const tail = new Float64Array(nodes.length);
  for (const index of [...topological].reverse()) {
    const node = nodes[index] as Node;
    let after = 0;
    for (const next of node.successors) {
      const lag = nodes[next]?.into.find(({ from }) => from === index);
      const { eveningMin = 0, nightMin = 0 } = lag?.windows[0]?.[0]?.open ?? {};
      after = Math.max(after, (tail[next] as number) + Math.max(0, Math.min(eveningMin, nightMin, 30 * DAY_MIN)));
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

/** First orders by simple rules: the earliest first, the most urgent first, what is due first, one job after the other. */
function* firstOrders(compiled: Compiled): Generator<number[]> {
  const { nodes } = compiled;
  const alone = place(
    compiled,
    orderBy(compiled, () => 0),
    noChoices(compiled),
  );
  const earliest = (index: number): number => alone.starts[index] || 0;
  const tail = urgency(compiled);
  const jobs = [...new Set(nodes.map(({ job }) => job))];
  const jobTail = new Map(
    jobs.map((job) => [job, Math.max(...nodes.filter((node) => node.job === job).map(({ index }) => tail[index] as number))]),
  );
  const due = (index: number): number => (nodes[index]?.dueMin ?? 1e7) - (tail[index] as number);
  const first = beforePins(compiled);
  if (first.size > 0) yield orderBy(compiled, (index) => earliest(index) - (first.has(index) ? FAR_MIN : 0));
  yield [...alone.order];
  yield orderBy(compiled, earliest);
  yield orderBy(compiled, (index) => -(tail[index] as number));
  yield orderBy(compiled, due);
  yield orderBy(compiled, (index) => earliest(index) - (tail[index] as number) / 4);
  yield orderBy(compiled, (index) => -(jobTail.get(nodes[index]?.job ?? '') ?? 0));
}

/** Earlier than anything else. */
const FAR_MIN = 1e8;

/** What pinned operations follow: it must be done by then. */
function beforePins({ nodes }: Compiled): Set<number> {
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

/** The best that simple rules find; what a list does that is made by hand. */
export function byRules(compiled: Compiled, wishes: Wishes): Judged {
  let best: Judged | null = null;
  for (const order of firstOrders(compiled)) {
    const draft = place(compiled, order, noChoices(compiled));
    const cost = costOf(compiled, draft, wishes);
    if (!best || cost.total < best.cost.total - 1e-9) best = { draft, cost };
  }
  return best as Judged;
}

/** What led to a draft. */
export function startOf({ nodes, evenings }: Compiled, { order, choices }: Draft): Start {
  const idOf = (index: number): string => nodes[index]?.id ?? '';
  return {
    order: order.map(idOf),
    keptFree: [...choices.keptFree].map((i) => evenings[i]?.fromMin ?? 0),
    fromMin: Object.fromEntries(choices.fromMin.flatMap((minute, i) => (minute > 0 ? [[idOf(i), minute] as const] : []))),
    chosen: Object.fromEntries(choices.modes.flatMap((mode, i) => (mode > 0 ? [[idOf(i), nodes[i]?.modes[mode]?.id ?? ''] as const] : []))),
  };
}

/** A plan made again from what led to it, in a problem that may have changed. */
export function madeAgain(compiled: Compiled, start: Start, wishes: Wishes): Judged {
  const { nodes, evenings } = compiled;
  const at = new Map(start.order.map((id, i) => [id, i]));
  // what is new comes right after what it follows; with nothing before it, after all that was kept
  const lastOfJob = new Map<string, number>();
  const rankOf = nodes.map(({ id, job }) => {
    const kept = at.get(id) ?? lastOfJob.get(job) ?? nodes.length;
    lastOfJob.set(job, kept);
    return kept;
  });
  const order = orderBy(compiled, (index) => rankOf[index] ?? 0);
  const choices: Choices = {
    modes: nodes.map(({ id, modes }) =>
      Math.max(
        0,
        modes.findIndex((mode) => mode.id === (start.chosen[id] ?? null)),
      ),
    ),
    fromMin: nodes.map(({ id }) => start.fromMin[id] ?? 0),
    leftOut: new Set(),
    keptFree: new Set(start.keptFree.map((minute) => evenings.findIndex(({ fromMin }) => fromMin === minute)).filter((i) => i >= 0)),
  };
  const judged = (by: readonly number[]): Judged => {
    const draft = place(compiled, by, choices);
    return { draft, cost: costOf(compiled, draft, wishes) };
  };
  const asKept = judged(order);
  if (asKept.cost.missedPins === 0) return asKept;
  const rank = new Map(order.map((index, i) => [index, i]));
  const first = beforePins(compiled);
  const pinsFirst = judged(orderBy(compiled, (index) => (rank.get(index) ?? 0) - (first.has(index) ? FAR_MIN : 0)));
  return pinsFirst.cost.missedPins < asKept.cost.missedPins ? pinsFirst : asKept;
}

/**
 * Improves from the best of simple rules: each step disturbs what is there (some work earlier, an evening shuffled or kept free, work put off,
 * another way of doing it) and lets all close up again. Anytime and seeded: the same seed makes the same steps.
 */
export function search(compiled: Compiled, { wishes, seed, bounds, stop, onBetter, from = null }: SearchOptions): Judged {
  const random = seededFrom(seed);
  let best = byRules(compiled, wishes);
  if (from) {
    const again = madeAgain(compiled, from, wishes);
    if (again.cost.total < best.cost.total - 1e-9) best = again;
  }
  onBetter(best);
  let drafts = 0;
  const judge = (order: readonly number[], choices: Choices): Judged => {
    drafts++;
    const draft = place(compiled, order, choices);
    return { draft, cost: costOf(compiled, draft, wishes) };
  };
  const better = (one: Judged): boolean => {
    if (one.cost.total >= best.cost.total - 1e-9) return false;
    best = one;
    onBetter(best);
    return true;
  };
  for (const leftOut of thinned(compiled)) {
    if (best.cost.lateMin === 0 && best.cost.unplaced === 0) break;
    better(judge(best.draft.order, { ...best.draft.choices, leftOut }));
  }
  if (compiled.nodes.length <= ALL_ORDERS_UP_TO)
    for (const order of allOrders(compiled)) {
      if (stop(drafts)) return best;
      better(judge(order, noChoices(compiled)));
    }
  const memory = Array.from({ length: MEMORY }, () => best.cost.total);
  let now = best;
  while (!stop(drafts) && !isBest(best.cost, bounds, wishes)) {
    const { order, choices } = disturbed(compiled, now.draft, wishes, random);
    const next = judge(order, choices);
    const slot = drafts % MEMORY;
    if (next.cost.total <= now.cost.total + 1e-9 || next.cost.total <= (memory[slot] as number)) now = next;
    memory[slot] = now.cost.total;
    better(next);
  }
  return best;
}

/** More and more of what may be left out: the least wanted first, of those the last first. */
function* thinned({ nodes }: Compiled): Generator<ReadonlySet<number>> {
  const droppable = nodes
    .filter(({ dropCost }) => dropCost !== null)
    .sort((a, b) => (a.dropCost ?? 0) - (b.dropCost ?? 0) || b.index - a.index);
  for (let count = 1; count <= droppable.length; count++) yield new Set(droppable.slice(0, count).map(({ index }) => index));
}

/** Nothing that is wished for can be better. */
const isBest = (cost: Cost, { finishMin, evenings }: Bounds, { soonest, fewest, easy, safe }: Wishes): boolean =>
  cost.unplaced === 0 &&
  cost.lateMin === 0 &&
  cost.droppedCost === 0 &&
  cost.idleMin === 0 &&
  easy === 0 &&
  safe === 0 &&
  (soonest === 0 || cost.finishMin <= (finishMin ?? 0) + 1e-6) &&
  (fewest === 0 || cost.evenings <= evenings) &&
  cost.cleaningMin === 0;

/** Another order near to what is there. */
function disturbed(
  compiled: Compiled,
  { starts, choices }: Draft,
  wishes: Wishes,
  random: () => number,
): { order: number[]; choices: Choices } {
  const { nodes, evenings } = compiled;
  const any = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;
  const keys = Float64Array.from(starts, (start) => (Number.isNaN(start) ? 1e9 : start));
  let { modes, fromMin, keptFree, leftOut } = choices;
  const someNode = (): Node => any(nodes);
  const usedEvenings = (): number[] => [
    ...new Set([...starts].filter((start) => !Number.isNaN(start)).map((start) => firstEndingAfter(evenings, start))),
  ];
  const optional = nodes.filter(({ dropCost }) => dropCost !== null);
  const kind = random();
  if (optional.length > 0 && random() < 0.2) {
    // something is left out, or done after all
    const { index } = any(optional);
    const left = new Set(leftOut);
    if (!left.delete(index)) left.add(index);
    leftOut = left;
  } else if (kind < 0.3) {
    // some jobs come earlier, or later
    const jobs = new Set(Array.from({ length: 1 + Math.floor(random() * 3) }, () => someNode().job));
    const by = (random() * 4 - 3) * DAY_MIN;
    for (const { index, job } of nodes) if (jobs.has(job)) keys[index] = (keys[index] as number) + by;
  } else if (kind < 0.5) {
    // one operation and all it follows come earlier
    const node = someNode();
    const by = random() * 3 * DAY_MIN;
    for (const { index, job } of nodes)
      if (job === node.job && (keys[index] as number) <= (keys[node.index] as number)) keys[index] = (keys[index] as number) - by;
  } else if (kind < 0.68) {
    // an evening is shuffled
    const evening = any(usedEvenings());
    for (const { index } of nodes)
      if (firstEndingAfter(evenings, starts[index] as number) === evening) keys[index] = (keys[index] as number) + (random() - 0.5) * 240;
  } else if (kind < 0.8 && wishes.fewest > 0) {
    // an evening is kept free, or none is
    const free = new Set(keptFree);
    if (free.size > 0 && random() < 0.4) free.delete(any([...free]));
    else free.add(any(usedEvenings()));
    keptFree = free;
  } else if (kind < 0.92) {
    // something is put off, by a little or to the next evening; or no longer
    const node = someNode();
    const puts = [...fromMin];
    const start = starts[node.index] as number;
    if ((puts[node.index] ?? 0) > 0 && random() < 0.6) puts[node.index] = 0;
    else if (!Number.isNaN(start)) {
      const next = evenings[firstEndingAfter(evenings, start) + 1];
      const afterAnother = someNode();
      const ends = (starts[afterAnother.index] as number) + (afterAnother.modes[0]?.durationMin ?? 0);
      const choice = random();
      puts[node.index] = choice < 0.35 && next ? next.fromMin : choice < 0.7 && ends > start ? ends : start + Math.ceil(random() * 45);
    }
    fromMin = puts;
  } else {
    const several = nodes.filter((node) => node.modes.length > 1);
    if (several.length > 0) {
      const ways = [...modes];
      for (let k = 1 + Math.floor(random() * 3); k > 0; k--) {
        const node = any(several);
        ways[node.index] = Math.floor(random() * node.modes.length);
      }
      modes = ways;
    } else for (const { index } of nodes) if (random() < 0.1) keys[index] = (keys[index] as number) + (random() - 0.5) * 2 * DAY_MIN;
  }
  return { order: orderBy(compiled, (index) => keys[index] as number), choices: { modes, fromMin, keptFree, leftOut } };
}

/** Every order in which all comes after what it follows. */
function* allOrders({ nodes }: Compiled): Generator<number[]> {
  const waiting = nodes.map(({ into }) => into.length);
  const order: number[] = [];
  function* step(): Generator<number[]> {
    if (order.length === nodes.length) {
      yield [...order];
      return;
    }
    for (const { index, successors } of nodes) {
      if (waiting[index] !== 0) continue;
      waiting[index] = -1;
      order.push(index);
      for (const next of successors) waiting[next] = (waiting[next] as number) - 1;
      yield* step();
      for (const next of successors) waiting[next] = (waiting[next] as number) + 1;
      order.pop();
      waiting[index] = 0;
    }
  }
  yield* step();
}
