import type { Interval } from '../../units/index.js';
import type { Compiled, Node } from './compile.js';
import { earliestStarts } from './windows.js';

/** What no plan can beat. */
export interface Bounds {
  /** No plan ends before this; null where nothing must be done; Infinity where it is proven that it cannot be done. */
  finishMin: number | null;
  evenings: number;
}

/** Bounds from the lags (as if there were hands for all), from the work that one pair of hands must do, and from counting evenings. */
export function boundsOf(compiled: Compiled): Bounds {
  const { nodes } = compiled;
  const must = nodes.filter(({ dropCost }) => dropCost === null);
  if (must.length === 0) return { finishMin: null, evenings: 0 };
  const earliest = earliestStarts(compiled);
  const ends = must.map((node) => (earliest[node.index] as number) + shortest(node));
  const finishMin = Math.max(...ends, ...resources(must).map((resource) => busyUntil(compiled, must, earliest, resource)));
  return {
    finishMin,
    evenings: Math.max(overnights(compiled), ...resources(must).map((resource) => fullEvenings(compiled, must, resource))),
  };
}

const shortest = ({ modes }: Node): number => Math.min(...modes.map(({ durationMin }) => durationMin));

/** Some way to do it may take the end of an evening that is kept free. */
const fills = ({ modes }: Node): boolean => modes.some((mode) => mode.fills);

/** Evenings as far as they are filled. */
const filled = ({ evenings, filledTo }: Compiled): Interval[] =>
  evenings.map(({ fromMin }, e) => ({ fromMin, toMin: filledTo[e] as number }));

/** Minutes by which work that may do so goes beyond what evenings are filled to, at the most. */
function beyondMin({ evenings, filledTo }: Compiled, nodes: readonly Node[]): number {
  const most = evenings.reduce((longest, { toMin }, e) => Math.max(longest, toMin - (filledTo[e] as number)), 0);
  return most * nodes.filter(fills).length;
}

const resources = (nodes: readonly Node[]): string[] => [...new Set(nodes.flatMap(({ modes }) => modes.flatMap((mode) => mode.resources)))];

/** Holds the resource whichever way it is done. */
const wants = ({ modes }: Node, resource: string): boolean => modes.every((mode) => mode.resources.includes(resource));

/** Work on a resource, with a cleaning for each colour at the least where cleaning holds it. */
function workMin({ setup }: Compiled, nodes: readonly Node[], resource: string): number {
  const work = nodes.reduce((sum, node) => sum + shortest(node), 0);
  if (!setup || (resource !== setup.resource && !setup.holds?.includes(resource))) return work;
  const colours = new Set(nodes.filter(({ modes }) => modes.every(({ isSetUp }) => isSetUp)).map(({ modes }) => modes[0]?.colour));
  return work + colours.size * Math.min(setup.minutes, setup.rinseMin ?? setup.minutes);
}

/** When the work that cannot begin before a moment would be done if it were done without a pause from then on. */
function busyUntil(compiled: Compiled, must: readonly Node[], earliest: Float64Array, resource: string): number {
  const { setup } = compiled;
  const evenings = filled(compiled);
  const users = must.filter((node) => wants(node, resource));
  const all = [...new Set(users.map(({ index }) => earliest[index] as number))].filter(Number.isFinite).sort((a, b) => a - b);
  const every = Math.ceil(all.length / MOST_MOMENTS);
  const starts = all.filter((_, i) => i % every === 0);
  let latest = 0;
  for (const from of starts) {
    const later = users.filter(({ index }) => (earliest[index] as number) >= from);
    const work = workMin(compiled, later, resource);
    // the last cleaning may come after the last work
    const isCleaned = later.some(({ modes }) => modes.some(({ isSetUp }) => isSetUp)) && setup !== null;
    const lastClean = isCleaned && (resource === setup.resource || setup.holds?.includes(resource)) ? setup.minutes : 0;
    latest = Math.max(latest, workedUntil(evenings, from, Math.max(0, work - lastClean - beyondMin(compiled, later))));
  }
  return latest;
}

/** Work is counted from so many moments at the most: each gives a bound, and with thousands of operations not all are needed. */
const MOST_MOMENTS = 60;

function workedUntil(evenings: readonly Interval[], fromMin: number, minutes: number): number {
  let left = minutes;
  for (const { fromMin: opens, toMin } of evenings) {
    const from = Math.max(opens, fromMin);
    if (toMin <= from) continue;
    if (left <= toMin - from) return from + left;
    left -= toMin - from;
  }
  return Infinity;
}

/** So many of the longest evenings as the work fills. */
function fullEvenings(compiled: Compiled, must: readonly Node[], resource: string): number {
  const users = must.filter((node) => wants(node, resource));
  let left = workMin(compiled, users, resource) - beyondMin(compiled, users);
  const lengths = filled(compiled)
    .map((e) => e.toMin - e.fromMin)
    .sort((a, b) => b - a);
  let count = 0;
  for (const length of lengths) {
    if (left <= 1e-9) break;
    left -= length;
    count++;
  }
  return count;
}

/** Evenings that a row of operations needs because what dries between two of them does not fit into one. */
function overnights(compiled: Compiled): number {
  const { nodes, topological } = compiled;
  const evenings = nodes.some(fills) ? compiled.evenings : filled(compiled);
  const longest = Math.max(0, ...evenings.map((e) => e.toMin - e.fromMin));
  const count = new Int32Array(nodes.length).fill(1);
  const used = Float64Array.from(nodes, shortest);
  let most = 0;
  for (const index of topological) {
    const node = nodes[index] as Node;
    for (const { from, windows, isClock } of node.into) {
      if ((node.pinnedMin !== null && !isClock) || nodes[from]?.dropCost != null) continue;
      const wait = Math.max(0, Math.min(...windows.map((list) => list[0]?.open.eveningMin ?? 0)));
      const together = (used[from] as number) + wait + shortest(node);
      const [c, u] = together <= longest + 1e-9 ? [count[from] as number, together] : [(count[from] as number) + 1, shortest(node)];
      if (c > (count[index] as number) || (c === count[index] && u > (used[index] as number))) [count[index], used[index]] = [c, u];
    }
    if (node.dropCost === null) most = Math.max(most, count[index] as number);
  }
  return most;
}
