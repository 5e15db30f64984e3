import { doneAt, firstEndingAfter, startFor } from './drying-clock.js';
import type { Compiled, Mode, Node } from './compile.js';

/** So often windows that close may push back what opened them before it is given up (our number). */
const ROUNDS = 400;

/** The least of what the ways of an operation take. */
const leastOf = ({ modes }: Node, of: (mode: Mode) => number): number => Math.min(...modes.map(of));

/**
 * The earliest that each operation can start, by lags, evenings, daylight and pins, as if there were hands for all at once; Infinity where it
 * never can. No plan is earlier: of several windows only the first opening and the last closing count.
 */
export function earliestStarts(compiled: Compiled): Float64Array {
  const { nodes, topological, evenings, daylight, notBeforeMin, setup } = compiled;
  const earliest = new Float64Array(nodes.length);
  const durations = nodes.map((node) => leastOf(node, ({ durationMin }) => durationMin));
  const fits = (node: Node, fromMin: number): number => {
    const whole = leastOf(node, ({ durationMin, isSetUp }) => durationMin + (isSetUp ? (setup?.minutes ?? 0) : 0));
    const worked = durations[node.index] as number;
    let at = fromMin;
    for (let i = firstEndingAfter(evenings, at); i < evenings.length; i++) {
      const evening = evenings[i];
      if (!evening) break;
      at = Math.max(at, evening.fromMin);
      if (node.daylight) {
        const light = daylight.find((d) => d.toMin - worked >= at && d.fromMin + whole <= evening.toMin);
        if (!light) continue;
        at = Math.max(at, light.fromMin);
        if (at > evening.toMin) continue;
      }
      if (at + whole <= evening.toMin + 1e-9) return at;
    }
    return Infinity;
  };
  nodes.forEach((node) => (earliest[node.index] = Math.max(notBeforeMin, node.releaseMin, node.pinnedMin ?? 0)));
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
