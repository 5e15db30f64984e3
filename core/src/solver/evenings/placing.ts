import { intersect, type Interval } from '../../units/index.js';
import type { DryingWork } from '../problem.js';
import { BenchTime, type Slot } from './bench-time.js';
import type { Compiled, Incoming, Mode, Node } from './compile.js';
import { doneAt, firstEndingAfter, startFor } from './drying-clock.js';
import { eveningsOf, type Plan } from './plan.js';
import { Places } from './places.js';
import { whyNot } from './why-not.js';

/** How often what comes before a window that closes may be moved later before the window counts as missed (our numbers). */
const LOOK_BACKS_EACH = 240;
const LOOK_BACKS = 2000;
/** The same where another window would do: evenings are much alike, and what does not fit into this many fits into none. */
const LOOK_BACKS_MEANT = 16;

const NEVER: DryingWork = { eveningMin: Infinity, nightMin: Infinity };

/** When an operation may start; `closer` is what opened the window that closes first, −1 where none closes. */
interface Allowed {
  allowed: Interval[];
  /** Not before this, whatever closes. */
  sinceMin: number;
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
  /** Operations, by number, for which what dries over a night is given more time. */
  careful?: ReadonlySet<number>;
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
  /** Lags whose later window was taken than the one that is meant. */
  secondBest: Set<Incoming>;
  bench: BenchTime;
}

export const modeOf = (node: Node, { modes }: Choices): Mode => node.modes[modes[node.index] ?? 0] ?? (node.modes[0] as Mode);

/**
 * Places the operations one after the other as early as they go. Where a window is missed, what opened it is moved later and all since is placed anew.
 * `order` must name all, each after what it follows. Deterministic.
 */
export const place = (compiled: Compiled, order: readonly number[], choices: Choices): Draft => new Placing(compiled, order, choices).run();

/** One order on its way to a draft. */
class Placing {
  private readonly bench: BenchTime;
  private readonly places: Places;
  private readonly starts: Float64Array;
  private readonly ends: Float64Array;
  private readonly dropped = new Set<number>();
  private readonly secondBest = new Set<Incoming>();
  /** Where in the order each operation stands. */
  private readonly position: Int32Array;
  /** Not before these minutes: what was chosen, and what a missed window has moved. */
  private readonly later: Float64Array;
  private readonly tries: Int32Array;
  private readonly marks: { bench: number; places: number }[] = [];
  private readonly kept: Map<number, Slot>;
  private lookBacks = 0;
  /** What has found no place wherever what opened its window went, by number. */
  private readonly hopeless = new Set<number>();
  /** For its window that is meant something was moved last, and it is not placed yet. */
  private movedFor: Node | null = null;

  constructor(
    private readonly compiled: Compiled,
    private readonly order: readonly number[],
    private readonly choices: Choices,
  ) {
    const { nodes, evenings, problem } = compiled;
    const isOpen = (_: unknown, i: number): boolean => !choices.keptFree.has(i);
    const hours =
      choices.keptFree.size === 0
        ? compiled
        : { ...compiled, evenings: evenings.filter(isOpen), filledTo: compiled.filledTo.filter(isOpen) };
    this.bench = new BenchTime({ ...hours, capacities: problem.capacities });
    this.places = new Places(problem.capacities ?? {});
    this.starts = new Float64Array(nodes.length).fill(NaN);
    this.ends = new Float64Array(nodes.length).fill(NaN);
    this.position = new Int32Array(nodes.length);
    order.forEach((index, at) => (this.position[index] = at));
    this.later = Float64Array.from(choices.fromMin);
    this.tries = new Int32Array(nodes.length);
    this.kept = keepPinned(compiled, choices, this.bench);
  }

  run(): Draft {
    const { order, choices, starts, ends, dropped, secondBest, bench } = this;
    for (let at = 0; at < order.length; at = this.placeAt(at));
    return { order, choices, starts, ends, dropped, secondBest, bench };
  }

  /** Places what stands there in the order. Answers where to go on: behind it, or further up where something had to be moved. */
  private placeAt(at: number): number {
    const { bench, places, choices, starts, ends } = this;
    const node = this.compiled.nodes[this.order[at] as number] as Node;
    this.marks[at] = { bench: bench.mark(), places: places.mark() };
    if (choices.leftOut.has(node.index)) return this.drop(node.index, at);
    if (this.hopeless.has(node.index)) return at + 1;
    const may = this.allowedFor(node);
    if (!may) return at + 1;
    const mode = modeOf(node, choices);
    const slot = this.slotFor(node, mode, may.allowed);
    if (!slot) return this.missed(node, mode, may, at);
    if (node.dropCost !== null && slot.endMin > (node.dueMin ?? Infinity)) return this.drop(node.index, at);
    if (slot !== this.kept.get(node.index)) bench.take(node.index, mode, slot);
    if (node.stands) places.take(node.stands, slot.endMin, doneAt(this.compiled.evenings, slot.endMin, node.stands.until));
    if (node === this.movedFor) this.movedFor = null;
    starts[node.index] = slot.startMin;
    ends[node.index] = slot.endMin;
    return at + 1;
  }

  /** Minutes at which it may start, and what closes first; null where what comes before it has no place. */
  // eslint-disable-next-line complexity -- one window after the other; taken apart it would be slower where it is run most
  private allowedFor(node: Node): Allowed | null {
    const { dropped, ends, choices } = this;
    const { evenings, notBeforeMin } = this.compiled;
    let fromMin = Math.max(notBeforeMin, node.releaseMin, node.pinnedMin ?? 0, this.later[node.index] ?? 0);
    let allowed: Interval[] | null = node.startsIn && node.pinnedMin === null ? [...node.startsIn] : null;
    let [closer, closeMin, closing] = [-1, Infinity, NEVER];
    for (const incoming of node.into) {
      if (node.pinnedMin !== null && !incoming.isClock) continue;
      const end = ends[incoming.from] as number;
      if (Number.isNaN(end)) return null;
      const all = dropped.has(incoming.from) ? [] : windowsFrom(incoming, choices);
      const windows = incoming.prefersFirst && !this.secondBest.has(incoming) ? all.slice(0, 1) : all;
      const opens = opensOnce(windows);
      if (opens) {
        fromMin = Math.max(fromMin, opens === AT_ONCE ? end : this.openAt(end, opens, Infinity, this.isCareful(node, incoming)));
        continue;
      }
      const list = windows.map(({ open, close }) => {
        const toMin = close ? doneAt(evenings, end, close) : Infinity;
        return { fromMin: this.openAt(end, open, toMin, this.isCareful(node, incoming)), toMin };
      });
      const last = list.at(-1)?.toMin ?? Infinity;
      if (last < closeMin) [closer, closeMin, closing] = [incoming.from, last, windows.at(-1)?.close ?? NEVER];
      allowed = allowed ? intersect(allowed, list) : list;
    }
    const since = [{ fromMin, toMin: Infinity }];
    const closesAt = (end: number): number => doneAt(evenings, end, closing);
    return { allowed: allowed ? intersect(allowed, since) : since, sinceMin: fromMin, closer, closeMin, closesAt };
  }

  private isCareful({ index }: Node, { isClock }: Incoming): boolean {
    return !isClock && this.choices.careful?.has(index) === true;
  }

  /** When what ended then is ready: over a night carefully, where that is asked for and its window is not gone by then. */
  private openAt(end: number, open: DryingWork, closesMin: number, isCareful: boolean): number {
    const readyMin = doneAt(this.compiled.evenings, end, open);
    if (!isCareful) return readyMin;
    const carefulMin = carefulAt(this.compiled, end, open, readyMin);
    return carefulMin <= closesMin ? carefulMin : readyMin;
  }

  private slotFor(node: Node, mode: Mode, allowed: readonly Interval[]): Slot | null {
    const { bench, places } = this;
    const reserved = this.kept.get(node.index);
    if (reserved) {
      if (allowed.some((gap) => gap.fromMin <= reserved.startMin)) return reserved;
      bench.release(node.index);
    }
    if (!node.stands) return bench.find(mode, node.daylight, allowed);
    let from: readonly Interval[] = allowed;
    for (;;) {
      const slot = bench.find(mode, node.daylight, from);
      if (!slot) return null;
      const freeMin = places.freeFrom(node.stands, slot.endMin, doneAt(this.compiled.evenings, slot.endMin, node.stands.until));
      if (freeMin <= slot.endMin) return slot;
      if (freeMin === Infinity) return null;
      from = intersect(from, [{ fromMin: freeMin - mode.durationMin, toMin: Infinity }]);
    }
  }

  /** It found no place: what opened the window that was missed comes later, by what is missing. Answers where to go on. */
  private missed(node: Node, mode: Mode, may: Allowed, at: number): number {
    const { bench, tries, starts, ends } = this;
    const { closer: opener } = may;
    if (opener < 0) return this.givenUp(node, at, opener);
    const anywhere = bench.find(mode, node.daylight, [
      { fromMin: may.allowed[0]?.fromMin ?? Math.max(may.closeMin, may.sinceMin), toMin: Infinity },
    ]);
    tries[opener] = (tries[opener] ?? 0) + 1;
    const isFixed = this.compiled.nodes[opener]?.pinnedMin != null || this.dropped.has(opener);
    if (
      !anywhere ||
      isFixed ||
      (tries[opener] ?? 0) > (this.isMeant(node, opener) ? LOOK_BACKS_MEANT : LOOK_BACKS_EACH) ||
      ++this.lookBacks > LOOK_BACKS
    )
      return this.givenUp(node, at, opener);
    if (this.isMeant(node, opener)) this.movedFor = node;
    const end = ends[opener] as number;
    const wanted = startFor((from) => may.closesAt(from), end, anywhere.startMin);
    this.later[opener] = (starts[opener] as number) + Math.max(1, Math.ceil(wanted - end - 1e-4));
    const backTo = this.position[opener] as number;
    this.rollBack(backTo, at);
    return backTo;
  }

  /** The window that closes is the one that is meant, and there is another. */
  private isMeant(node: Node, closer: number): boolean {
    return this.strictly(node).some(({ from }) => from === closer);
  }

  private strictly(node: Node): Incoming[] {
    return node.into.filter((incoming) => incoming.prefersFirst && !this.secondBest.has(incoming));
  }

  /**
   * It cannot be where it is meant to be: in a later window if there is one (what cannot fall into the wet waits until it is hard), else left out if it
   * may be. What found no place because something was moved out of its way for the window of another is no reason to be lost: that window is given up.
   */
  private givenUp(node: Node, at: number, closer: number): number {
    for (const one of this.movedFor && this.movedFor !== node ? [node, this.movedFor] : [node]) {
      const strict = this.strictly(one);
      // what spoils nothing is given up first, then what closes first
      const settled = strict.find(({ holds }) => !holds) ?? strict.find(({ from }) => from === closer) ?? strict[0];
      if (settled) return this.settleForLater(one, settled, at);
    }
    return node.dropCost !== null ? this.drop(node.index, at) : this.leftBehind(node, at, closer);
  }

  /** It has no place at all: what was moved for its window goes back to where it was. Answers where to go on. */
  private leftBehind(node: Node, at: number, opener: number): number {
    const first = this.choices.fromMin[opener] ?? 0;
    if (opener < 0 || (this.later[opener] ?? 0) <= first) return at + 1;
    this.hopeless.add(node.index);
    this.later[opener] = first;
    this.tries[opener] = 0;
    const backTo = this.position[opener] as number;
    this.rollBack(backTo, at);
    return backTo;
  }

  /** All from a place of the order on is taken back. */
  private rollBack(backTo: number, at: number): void {
    const mark = this.marks[backTo];
    if (mark) {
      this.bench.backTo(mark.bench);
      this.places.backTo(mark.places);
    }
    for (let k = backTo; k <= at; k++) {
      const undone = this.order[k] as number;
      this.starts[undone] = this.ends[undone] = NaN;
      this.dropped.delete(undone);
    }
  }

  /** The window that is meant is given up: what opened it goes back to where it was before it was moved for it. Answers where to go on. */
  private settleForLater(node: Node, settled: Incoming, at: number): number {
    this.secondBest.add(settled);
    this.movedFor = null;
    let backTo = Math.min(at, this.position[node.index] as number);
    for (const { from, prefersFirst } of node.into) {
      if (!prefersFirst) continue;
      this.later[from] = this.choices.fromMin[from] ?? 0;
      this.tries[from] = 0;
      backTo = Math.min(backTo, this.position[from] as number);
    }
    this.rollBack(backTo, at);
    return backTo;
  }

  private drop(index: number, at: number): number {
    const { nodes, notBeforeMin } = this.compiled;
    this.dropped.add(index);
    const follows = (nodes[index]?.into ?? []).map(({ from }) => this.ends[from] as number).filter((end) => !Number.isNaN(end));
    this.ends[index] = Math.max(notBeforeMin, ...follows);
    return at + 1;
  }
}

/** When it is ready if what dries over a night needs longer; what is ready in the same evening is waited for there. */
function carefulAt({ evenings, overNights }: Compiled, end: number, open: DryingWork, readyMin: number): number {
  if (readyMin <= end || firstEndingAfter(evenings, end - 1e-6) === firstEndingAfter(evenings, readyMin)) return readyMin;
  return doneAt(evenings, end, { eveningMin: open.eveningMin * overNights, nightMin: open.nightMin * overNights });
}

/** Operations, by number, that are begun before what dries over a night for them would be ready on the careful side. */
export function risky(compiled: Compiled, { starts, ends, choices }: Draft): number[] {
  return compiled.nodes.flatMap((node) => {
    const start = starts[node.index] as number;
    const isEarly = node.into.some((incoming) => {
      const end = ends[incoming.from] as number;
      if (incoming.isClock || !(start >= end)) return false;
      return windowsFrom(incoming, choices).some(({ open, close }) => {
        const readyMin = doneAt(compiled.evenings, end, open);
        if (start < readyMin - 1e-6 || (close && start > doneAt(compiled.evenings, end, close) + 1e-6)) return false;
        return start < carefulAt(compiled, end, open, readyMin) - 1e-6;
      });
    });
    return isEarly ? [node.index] : [];
  });
}

const AT_ONCE = 'at once';

/** The work after which windows are open for good; null where one of them closes, or where there are several. */
function opensOnce(windows: Incoming['windows'][number]): DryingWork | typeof AT_ONCE | null {
  if (windows.length === 0) return AT_ONCE;
  const [only] = windows;
  return windows.length === 1 && only?.close === null ? only.open : null;
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
export function planOfDraft(compiled: Compiled, draft: Draft): Plan {
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
