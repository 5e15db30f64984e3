import { seededFrom } from '../../units/index.js';
import type { Bounds } from './bounds.js';
import type { Compiled } from './compile.js';
import { costOf, type Cost, type Wishes } from './cost.js';
import { disturbed } from './moves.js';
import { FAR_MIN, allOrders, beforePins, firstDrafts, orderBy, thinned } from './orders.js';
import { noChoices, place, type Choices, type Draft } from './placing.js';

/** Up to so many operations all orders are tried. */
const ALL_ORDERS_UP_TO = 6;
/** A draft is taken if it is no worse than so many drafts ago (late acceptance, E. Burke & Y. Bykov, from memory). */
const MEMORY = 24;
/** After so many drafts that were no better, so many operations in a row are put into every order they can have (our numbers). */
const PATIENCE = 40;
const WINDOW = 5;
/** So many drafts what was thrown open may settle in, and how much worse it may then be and yet be gone on from. */
const SETTLE = 25;
const WORSE_BY = 0.05;

/** Rules place so many operations in all: with thousands of them a few rules must do, so that a plan stands soon (our number). */
const MOST_PLACED = 8000;

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

/** The best that simple rules find; what a list does that is made by hand. */
export function byRules(compiled: Compiled, wishes: Wishes): Judged {
  let best: Judged | null = null;
  let left = MOST_PLACED;
  for (const draft of firstDrafts(compiled)) {
    const cost = costOf(compiled, draft, wishes);
    if (!best || cost.total < best.cost.total - 1e-9) best = { draft, cost };
    left -= compiled.nodes.length;
    if (left < compiled.nodes.length) break;
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
  const asItWas = nodes.map(({ index }) => index).sort((a, b) => (rankOf[a] ?? 0) - (rankOf[b] ?? 0));
  const isWhole = nodes.every(
    ({ id, into }) => at.has(id) && into.every(({ from }) => (at.get(nodes[from]?.id ?? '') ?? Infinity) < (at.get(id) ?? 0)),
  );
  const order = isWhole ? asItWas : orderBy(compiled, (index) => rankOf[index] ?? 0);
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

/** What was kept, made again; by rules where that has become worse in what must not be: steps without a place, pins, dates. */
export function keptOrByRules(compiled: Compiled, start: Start, wishes: Wishes): Judged {
  const again = madeAgain(compiled, start, wishes);
  const broken = ({ cost }: Judged): number[] => [cost.unplaced, cost.missedPins, cost.lateMin];
  if (broken(again).every((count) => count === 0)) return again;
  const rules = byRules(compiled, wishes);
  const differs = broken(again).findIndex((count, i) => count !== broken(rules)[i]);
  return differs >= 0 && (broken(rules)[differs] as number) < (broken(again)[differs] as number) ? rules : again;
}

/**
 * Improves from the best of simple rules: each step disturbs what is there (some work earlier, an evening shuffled or kept free, work put off,
 * another way of doing it) and lets all close up again. Anytime and seeded: the same seed makes the same steps.
 */
// eslint-disable-next-line complexity -- the loop of a large-neighbourhood search with late acceptance; its moves stand below
export function search(compiled: Compiled, { wishes, seed, bounds, stop, onBetter, from = null }: SearchOptions): Judged {
  const random = seededFrom(seed);
  let best = byRules(compiled, wishes);
  if (from) {
    const again = madeAgain(compiled, from, wishes);
    if (again.cost.total < best.cost.total - 1e-9) best = again;
  }
  onBetter(best);
  // with nothing to do there is nothing to move
  if (compiled.nodes.length === 0) return best;
  let drafts = 0;
  const judge = (order: readonly number[], choices: Choices): Judged => {
    drafts++;
    const draft = place(compiled, order, choices);
    return { draft, cost: costOf(compiled, draft, wishes) };
  };
  const better = (one: Judged): void => {
    if (one.cost.total >= best.cost.total - 1e-9) return;
    best = one;
    onBetter(best);
  };
  for (const leftOut of thinned(compiled)) {
    if (best.cost.lateMin === 0 && best.cost.unplaced === 0) break;
    better(judge(best.draft.order, { ...best.draft.choices, leftOut }));
  }
  if (compiled.nodes.length <= ALL_ORDERS_UP_TO)
    for (const order of allOrders(compiled.nodes)) {
      if (stop(drafts)) return best;
      better(judge(order, noChoices(compiled)));
    }
  const memory = Array.from({ length: MEMORY }, () => best.cost.total);
  let now = best;
  for (let sinceBetter = 0; !stop(drafts) && !isBest(best.cost, bounds, wishes); sinceBetter++) {
    const before = best;
    if (sinceBetter > 0 && sinceBetter % PATIENCE === 0) now = (sinceBetter / PATIENCE) % 2 === 1 ? rebuilt(now) : windowSolved(now);
    else {
      const { order, choices } = disturbed(compiled, now.draft, wishes, random);
      const next = judge(order, choices);
      const slot = drafts % MEMORY;
      if (next.cost.total <= now.cost.total + 1e-9 || next.cost.total <= (memory[slot] as number)) now = next;
      memory[slot] = now.cost.total;
      better(next);
    }
    if (best !== before) sinceBetter = 0;
  }
  return best;

  /** Some jobs and an evening are thrown open and settle again among themselves before they are held against what was: what is worse at first may end better. */
  function rebuilt(from: Judged): Judged {
    let found: Judged | null = null;
    for (let k = 0; k < SETTLE && !stop(drafts); k++) {
      const { order, choices } = disturbed(compiled, (found ?? from).draft, wishes, random);
      const one = judge(order, choices);
      if (!found || one.cost.total <= found.cost.total) found = one;
      better(one);
    }
    return found && found.cost.total <= from.cost.total * (1 + WORSE_BY) ? found : from;
  }

  /** A few operations that follow each other in every order that there is, the rest as it stands: the best of them. */
  function windowSolved(from: Judged): Judged {
    const { order, choices } = from.draft;
    const at = Math.floor(random() * Math.max(1, order.length - WINDOW + 1));
    const nodes = order.slice(at, at + WINDOW).flatMap((index) => compiled.nodes[index] ?? []);
    let found = from;
    for (const part of allOrders(nodes)) {
      if (stop(drafts)) break;
      const one = judge([...order.slice(0, at), ...part, ...order.slice(at + part.length)], choices);
      if (one.cost.total < found.cost.total - 1e-9) found = one;
      better(one);
    }
    return found;
  }
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
