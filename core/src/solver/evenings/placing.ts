import { intersect, type Interval } from '../../units/index.js';
import type { DryingWork } from '../problem.js';
import { BenchTime, type Slot } from './bench-time.js';
import type { Compiled, Incoming, Mode, Node } from './compile.js';
import { doneAt, startFor } from './drying-clock.js';
import { eveningsOf, type Plan } from './plan.js';
import { Places } from './places.js';
import { whyNot } from './why-not.js';

/** How often what comes before a window that closes may be moved later before the window counts as missed (our numbers). */
const LOOK_BACKS_EACH = 240;
const LOOK_BACKS = 2000;

const NEVER: DryingWork = { eveningMin: Infinity, nightMin: Infinity };

/** When an operation may start; `closer` is what opened the window that closes first, −1 where none closes. */
interface Allowed {
  allowed: Interval[];
  closer: number;
  closeMin: number;
  /** When that window would close if it were opened at another time. */
  closesAt: (endMin: number) => number;
}

/** What the search may choose besides the order. */
export interface Choices {
  /** The way each operation is done, by number. */
  modes: readonly number[];
  /** Not before these minutes, by number; 0: as soon as it goes. */
  fromMin: readonly number[];
  /** Evenings that are kept free, by number. */
  keptFree: ReadonlySet<number>;
  /** Left out on purpose, by number, so that others come in time. */
  leftOut: ReadonlySet<number>;
}

export const noChoices = ({ nodes }: Compiled): Choices => ({
  modes: nodes.map(() => 0),
  fromMin: nodes.map(() => 0),
  keptFree: new Set(),
  leftOut: new Set(),
});

/** Where an order leads. */
export interface Draft {
  order: readonly number[];
  choices: Choices;
  /** Start and end by number; NaN where it found no place or was left out. */
  starts: Float64Array;
  ends: Float64Array;
  dropped: Set<number>;
  /** They come in a later window than is meant. */
  secondBest: Set<number>;
  bench: BenchTime;
}

export const modeOf = (node: Node, { modes }: Choices): Mode => node.modes[modes[node.index] ?? 0] ?? (node.modes[0] as Mode);

/**
 * Places the operations one after the other as early as they go. Where a window is missed, what opened it is moved later and all since is placed anew.
 * `order` must name all, each after what it follows. Deterministic.
 */
export function place(compiled: Compiled, order: readonly number[], choices: Choices): Draft {
  const { nodes, notBeforeMin, evenings, problem } = compiled;
  const open = choices.keptFree.size === 0 ? evenings : evenings.filter((_, i) => !choices.keptFree.has(i));
  const bench = new BenchTime({ ...compiled, evenings: open, capacities: problem.capacities });
  const places = new Places(problem.capacities ?? {});
  const starts = new Float64Array(nodes.length).fill(NaN);
  const ends = new Float64Array(nodes.length).fill(NaN);
  const dropped = new Set<number>();
  const secondBest = new Set<number>();
  const position = new Int32Array(nodes.length);
  order.forEach((index, at) => (position[index] = at));
  const later = Float64Array.from(choices.fromMin);
  const tries = new Int32Array(nodes.length);
  const marks: { bench: number; places: number }[] = [];
  let lookBacks = 0;
  const kept = keepPinned(compiled, choices, bench);

  /** Minutes at which it may start, and what closes first. */
  const allowedFor = (node: Node): Allowed | null => {
    let fromMin = Math.max(notBeforeMin, node.releaseMin, node.pinnedMin ?? 0, later[node.index] ?? 0);
    let allowed: Interval[] | null = node.startsIn && node.pinnedMin === null ? [...node.startsIn] : null;
    let [closer, closeMin, closing] = [-1, Infinity, NEVER];
    for (const incoming of node.into) {
      if (node.pinnedMin !== null && !incoming.isClock) continue;
      const end = ends[incoming.from] as number;
      if (Number.isNaN(end)) return null;
      const all = dropped.has(incoming.from) ? [] : windowsFrom(incoming, choices);
      const windows = incoming.prefersFirst && !secondBest.has(node.index) ? all.slice(0, 1) : all;
      if (windows.length === 1 && windows[0]?.close === null) {
        fromMin = Math.max(fromMin, doneAt(evenings, end, windows[0].open));
        continue;
      }
      if (windows.length === 0) {
        fromMin = Math.max(fromMin, end);
        continue;
      }
      const list = windows.map(({ open: opens, close }) => ({
        fromMin: doneAt(evenings, end, opens),
        toMin: close ? doneAt(evenings, end, close) : Infinity,
      }));
      const last = list.at(-1)?.toMin ?? Infinity;
      if (last < closeMin) [closer, closeMin, closing] = [incoming.from, last, windows.at(-1)?.close ?? NEVER];
      allowed = allowed ? intersect(allowed, list) : list;
    }
    const since = [{ fromMin, toMin: Infinity }];
    const closesAt = (end: number): number => doneAt(evenings, end, closing);
    return { allowed: allowed ? intersect(allowed, since) : since, closer, closeMin, closesAt };
  };

  const slotFor = (node: Node, mode: Mode, allowed: readonly Interval[]): Slot | null => {
    const reserved = kept.get(node.index);
    if (reserved) {
      if (allowed.some((gap) => gap.fromMin <= reserved.startMin)) return reserved;
      bench.release(node.index);
    }
    if (!node.stands) return bench.find(mode, node.daylight, allowed);
    let from: readonly Interval[] = allowed;
    for (;;) {
      const slot = bench.find(mode, node.daylight, from);
      if (!slot) return null;
      const freeMin = places.freeFrom(node.stands, slot.endMin, doneAt(evenings, slot.endMin, node.stands.until));
      if (freeMin <= slot.endMin) return slot;
      if (freeMin === Infinity) return null;
      from = intersect(from, [{ fromMin: freeMin - mode.durationMin, toMin: Infinity }]);
    }
  };

  for (let at = 0; at < order.length; at++) {
    const node = nodes[order[at] as number] as Node;
    marks[at] = { bench: bench.mark(), places: places.mark() };
    if (choices.leftOut.has(node.index)) {
      drop(node.index);
      continue;
    }
    const may = allowedFor(node);
    if (!may) continue;
    const mode = modeOf(node, choices);
    const slot = slotFor(node, mode, may.allowed);
    if (slot && node.dropCost !== null && slot.endMin > (node.dueMin ?? Infinity)) {
      drop(node.index);
      continue;
    }
    if (slot) {
      if (slot !== kept.get(node.index)) bench.take(node.index, mode, slot);
      if (node.stands) places.take(node.stands, slot.endMin, doneAt(evenings, slot.endMin, node.stands.until));
      starts[node.index] = slot.startMin;
      ends[node.index] = slot.endMin;
      continue;
    }
    // what cannot fall into the wet waits until it is hard
    const another = (): boolean => node.into.some(({ prefersFirst }) => prefersFirst) && !secondBest.has(node.index);
    if (may.closer < 0) {
      if (another()) {
        at = settleForLater(node) - 1;
      } else if (node.dropCost !== null) drop(node.index);
      continue;
    }
    // a window was missed: what opened it comes later, by what is missing
    const opener = may.closer;
    const anywhere = bench.find(mode, node.daylight, [{ fromMin: may.allowed[0]?.fromMin ?? may.closeMin, toMin: Infinity }]);
    tries[opener] = (tries[opener] ?? 0) + 1;
    const isFixed = nodes[opener]?.pinnedMin != null || dropped.has(opener);
    if (!anywhere || isFixed || (tries[opener] ?? 0) > LOOK_BACKS_EACH || ++lookBacks > LOOK_BACKS) {
      if (another()) {
        at = settleForLater(node) - 1;
      } else if (node.dropCost !== null) drop(node.index);
      continue;
    }
    const end = ends[opener] as number;
    const wanted = startFor((from) => may.closesAt(from), end, anywhere.startMin);
    later[opener] = (starts[opener] as number) + Math.max(1, Math.ceil(wanted - end - 1e-4));
    const backTo = position[opener] as number;
    rollBack(backTo, at);
    at = backTo - 1;
  }
  return { order, choices, starts, ends, dropped, secondBest, bench };

  /** All from a place of the order on is taken back. */
  function rollBack(backTo: number, at: number): void {
    const mark = marks[backTo];
    if (mark) {
      bench.backTo(mark.bench);
      places.backTo(mark.places);
    }
    for (let k = backTo; k <= at; k++) {
      const undone = order[k] as number;
      starts[undone] = ends[undone] = NaN;
      dropped.delete(undone);
    }
  }

  /** The window that is meant is given up: what opened it goes back to where it was before it was moved for it. Returns where to go on. */
  function settleForLater(node: Node): number {
    secondBest.add(node.index);
    const at = position[node.index] as number;
    let backTo = at;
    for (const { from, prefersFirst } of node.into) {
      if (!prefersFirst) continue;
      later[from] = choices.fromMin[from] ?? 0;
      backTo = Math.min(backTo, position[from] as number);
    }
    rollBack(backTo, at);
    return backTo;
  }

  function drop(index: number): void {
    dropped.add(index);
    const follows = (nodes[index]?.into ?? []).map(({ from }) => ends[from] as number).filter((end) => !Number.isNaN(end));
    ends[index] = Math.max(notBeforeMin, ...follows);
  }
}

const windowsFrom = ({ windows, from }: Incoming, { modes }: Choices) => windows[modes[from] ?? 0] ?? windows[0] ?? [];

/** The time of what is pinned is taken before all else. */
function keepPinned({ nodes, notBeforeMin }: Compiled, choices: Choices, bench: BenchTime): Map<number, Slot> {
  const kept = new Map<number, Slot>();
  const pinned = nodes.filter(({ pinnedMin }) => pinnedMin !== null && pinnedMin >= notBeforeMin);
  for (const node of pinned.sort((a, b) => (a.pinnedMin ?? 0) - (b.pinnedMin ?? 0))) {
    const mode = modeOf(node, choices);
    const at = node.pinnedMin ?? 0;
    const slot = bench.find(mode, node.daylight, [{ fromMin: at, toMin: at }]);
    if (!slot) continue;
    bench.take(node.index, mode, slot);
    kept.set(node.index, slot);
  }
  return kept;
}

/** The draft as plain data, with the reason for each that found no place. */
export function planOf(compiled: Compiled, draft: Draft): Plan {
  const { nodes, evenings } = compiled;
  const { starts, ends, dropped, choices, bench } = draft;
  const isPlaced = ({ index }: Node): boolean => !Number.isNaN(starts[index]);
  const placed = nodes
    .filter(isPlaced)
    .map(({ id, index }) => ({ id, startMin: starts[index] as number, endMin: ends[index] as number }))
    .sort((a, b) => a.startMin - b.startMin);
  const lost = nodes.filter((node) => !isPlaced(node) && !dropped.has(node.index));
  const lostIndices = new Set(lost.map(({ index }) => index));
  const { cleanings } = bench;
  return {
    placed,
    cleanings,
    unplaced: lost.map((node) => ({ id: node.id, why: whyNot(compiled, node, modeOf(node, choices), lostIndices) })),
    dropped: nodes.filter(({ index }) => dropped.has(index)).map(({ id }) => id),
    chosen: Object.fromEntries(
      nodes.flatMap((node) => {
        const { id } = modeOf(node, choices);
        return id !== null && isPlaced(node) ? [[node.id, id] as const] : [];
      }),
    ),
    finishMin: placed.length === 0 ? null : Math.max(...placed.map(({ endMin }) => endMin)),
    eveningsUsed: eveningsOf({ placed, cleanings }, evenings).length,
  };
}
