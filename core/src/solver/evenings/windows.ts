import { doneAt, firstEndingAfter, startFor } from './drying-clock.js';
import { firstOpen, type Interval } from '../../units/index.js';
import { lastsUntil, type Compiled, type Mode, type Node } from './compile.js';

/** So often windows that close may push back what opened them before it is given up (our number). */
const ROUNDS = 400;

/** The least of what the ways of an operation take. */
const leastOf = ({ modes }: Node, of: (mode: Mode) => number): number => Math.min(...modes.map(of));

/**
 * The earliest that each operation can start, by lags, evenings, daylight and pins, as if there were hands for all at once; Infinity where it
 * never can. No plan is earlier: of several windows only the first opening and the last closing count.
 */
export function earliestStarts(compiled: Compiled): Float64Array {
  const never = new Set<number>();
  for (;;) {
    const earliest = propagated(compiled, never);
    const found = compiled.nodes.filter(({ index }) => earliest[index] === Infinity && !never.has(index));
    if (found.length === 0) return earliest;
    // it pushed what comes before it from evening to evening until there was none left; it is not done, and pushes nothing
    for (const { index } of found) never.add(index);
  }
}

/** Lags and closing windows carried on until nothing moves; what can `never` be done holds nothing back. */
// eslint-disable-next-line complexity -- propagation to a fixed point: both directions share one round
function propagated(compiled: Compiled, never: ReadonlySet<number>): Float64Array {
  const { nodes, topological, evenings, daylight, notBeforeMin, setup } = compiled;
  const earliest = new Float64Array(nodes.length);
  const durations = nodes.map((node) => leastOf(node, ({ durationMin }) => durationMin));
  const fits = (node: Node, fromMin: number): number => {
    const whole = leastOf(node, ({ durationMin, isSetUp }) => durationMin + (isSetUp ? (setup?.minutes ?? 0) : 0));
    const worked = durations[node.index] as number;
    const last = (e: number): number => Math.max(...node.modes.map((mode) => lastsUntil(compiled, mode, e)));
    let at = fromMin;
    for (let i = firstEndingAfter(evenings, at); i < evenings.length; i++) {
      const evening = evenings[i];
      if (!evening) break;
      at = Math.max(at, evening.fromMin);
      if (node.daylight) {
        const light = daylight.find((d) => d.toMin - worked >= at && d.fromMin + whole <= last(i));
        if (!light) continue;
        at = Math.max(at, light.fromMin);
        if (at > last(i)) continue;
      }
      if (at + whole <= last(i) + 1e-9) return at;
    }
    return Infinity;
  };
  for (const { index, releaseMin, pinnedMin } of nodes)
    earliest[index] = never.has(index) ? Infinity : Math.max(notBeforeMin, releaseMin, pinnedMin ?? 0);
  for (let round = 0, changed = true; changed && round < ROUNDS; round++) {
    changed = false;
    for (const index of topological) {
      const node = nodes[index] as Node;
      let at = earliest[index] as number;
      for (const { from, windows, isClock } of node.into) {
        if (node.pinnedMin !== null && !isClock) continue;
        const source = nodes[from] as Node;
        if (source.dropCost !== null) continue;
        const end = (earliest[from] as number) + (durations[from] as number);
        at = Math.max(at, Math.min(...windows.map((list) => doneAt(evenings, end, list[0]?.open ?? { eveningMin: 0, nightMin: 0 }))));
      }
      if (node.startsIn && node.pinnedMin === null) at = firstOpen(node.startsIn, at) ?? Infinity;
      at = fits(node, at);
      if (at > (earliest[index] as number)) [earliest[index], changed] = [at, true];
    }
    for (const node of nodes)
      for (const { from, windows, isClock } of node.into) {
        if (node.pinnedMin !== null && !isClock) continue;
        const start = earliest[node.index] as number;
        const source = nodes[from] as Node;
        if (start === Infinity || source.dropCost !== null || source.pinnedMin !== null || node.dropCost !== null) continue;
        const closes = windows.map((list) => list.at(-1)?.close ?? null);
        const closesBy = (end: number): number => Math.max(...closes.map((close) => (close ? doneAt(evenings, end, close) : Infinity)));
        const end = (earliest[from] as number) + (durations[from] as number);
        if (end === Infinity || closesBy(end) >= start - 1e-6) continue;
        // the least end from which it is still open at the start of what follows
        earliest[from] = startFor(closesBy, end, start - 1e-6) - (durations[from] as number);
        changed = true;
      }
  }
  return earliest;
}

/** The latest minute, not after `byMin`, at which so many minutes fit into an evening; −Infinity where none does. */
function fitsBefore(evenings: readonly Interval[], byMin: number, wholeMin: number): number {
  for (let i = firstEndingAfter(evenings, byMin); i >= 0; i--) {
    const evening = evenings[i];
    if (!evening) continue;
    const at = Math.min(byMin, evening.toMin - wholeMin);
    if (at >= evening.fromMin) return at;
  }
  return -Infinity;
}

/**
 * Counted back from an end: how late each operation could start if there were hands for all at once and no daylight to wait for. What must start soonest
 * by this is the most urgent; a key to sort by, no bound.
 */
export function latestStarts({ nodes, topological, evenings, notBeforeMin, setup }: Compiled, finishMin: number): Float64Array {
  const latest = new Float64Array(nodes.length);
  for (const index of [...topological].reverse()) {
    const node = nodes[index] as Node;
    const worked = leastOf(node, ({ durationMin }) => durationMin);
    let endBy = node.pinnedMin === null ? Math.min(finishMin, (node.startsIn?.at(-1)?.toMin ?? Infinity) + worked) : finishMin;
    for (const next of new Set(node.successors)) {
      const follower = nodes[next] as Node;
      const startBy = latest[next] as number;
      for (const { from, windows } of follower.into) {
        const open = windows[0]?.[0]?.open;
        if (from !== index || !open || startBy === -Infinity) continue;
        // the last end from which it is open by then
        const after = startFor((end) => doneAt(evenings, end, open), notBeforeMin, startBy);
        endBy = Math.min(endBy, doneAt(evenings, notBeforeMin, open) > startBy ? notBeforeMin : after);
      }
    }
    const whole = leastOf(node, ({ durationMin, isSetUp }) => durationMin + (isSetUp ? (setup?.minutes ?? 0) : 0));
    latest[index] = fitsBefore(evenings, endBy - worked, whole);
  }
  return latest;
}
