import { firstOpen, intersect, type Interval } from '../../units/index.js';
import type { ScheduleProblem } from '../problem.js';
import { BenchTime } from './bench-time.js';
import { compile, type Compiled, type Mode, type Node } from './compile.js';
import { doneAt, firstEndingAfter } from './drying-clock.js';
import { Places } from './places.js';
import type { Plan } from './plan.js';

/** What keeps an operation from beginning earlier. */
export type Binding =
  /** It begins as early as the plan does. */
  | { kind: 'now' }
  /** What is done already is ready then. */
  | { kind: 'released'; untilMin: number }
  | { kind: 'pinned' }
  /** What it follows is done only then; `waitMin` where a wait is wanted as well. */
  | { kind: 'follows'; by: string; untilMin: number; waitMin: number }
  /** What lies below must dry. */
  | { kind: 'dries'; by: string; untilMin: number }
  /** Hands or airbrush do something else; `by` null: the airbrush is being cleaned. */
  | { kind: 'busy'; by: string | null; untilMin: number }
  /** The evening before has no room for it any more. */
  | { kind: 'evening'; untilMin: number }
  | { kind: 'daylight'; untilMin: number }
  /** Earlier, the window of what follows would be closed when its turn comes. */
  | { kind: 'closes'; by: string; couldMin: number }
  /** The place where it dries is full until then. */
  | { kind: 'room'; place: string }
  /** It could be earlier: the plan is better for it elsewhere. */
  | { kind: 'chosen'; couldMin: number };

/** A start that is less than a minute from what holds it up is held up by it: nobody starts between whole minutes. */
const SAME_MIN = 1 + 1e-6;

/**
 * The reason that binds an operation to its start in a plan, all else left as it is; null where the plan does not have it.
 * @throws RangeError when the problem has no such operation.
 */
export function whyNotEarlier(problem: ScheduleProblem, plan: Plan, id: string): Binding | null {
  const compiled = compile(problem);
  const node = compiled.nodes.find((one) => one.id === id);
  if (!node) throw new RangeError(`operation must be one of the plan's, got '${id}'`);
  const at = new Map(plan.placed.map((p) => [p.id, p]));
  const own = at.get(id);
  if (!own) return null;
  const start = own.startMin;
  const limits = limitsOf(compiled, plan, node, start).sort((a, b) => b.atMin - a.atMin);
  const [strongest] = limits;
  const earliest = strongest?.atMin ?? compiled.notBeforeMin;
  if (strongest && earliest >= start - SAME_MIN) return strongest.binding;
  const bench = without(compiled, plan, node.index);
  const mode = wayOf(node, plan);
  const could = bench.find(mode, node.daylight, [{ fromMin: earliest, toMin: start - 1 }]);
  if (could) {
    const closing = closedBy(compiled, plan, node, could.endMin);
    if (closing !== null) return { kind: 'closes', by: closing, couldMin: could.startMin };
    const full = fullPlace(compiled, plan, node, could.endMin);
    return full === null ? { kind: 'chosen', couldMin: could.startMin } : { kind: 'room', place: full };
  }
  return whatHolds(compiled, bench, node, mode, earliest, start);
}

interface Limit {
  atMin: number;
  binding: Binding;
}

function limitsOf({ nodes, notBeforeMin, evenings }: Compiled, plan: Plan, node: Node, start: number): Limit[] {
  const at = new Map(plan.placed.map((p) => [p.id, p]));
  const limits: Limit[] = [{ atMin: notBeforeMin, binding: { kind: 'now' } }];
  if (node.releaseMin > notBeforeMin) limits.push({ atMin: node.releaseMin, binding: { kind: 'released', untilMin: node.releaseMin } });
  if (node.pinnedMin !== null) limits.push({ atMin: node.pinnedMin, binding: { kind: 'pinned' } });
  for (const { from, windows, isClock } of node.into) {
    const source = nodes[from];
    const done = source && at.get(source.id);
    if (!done || (node.pinnedMin !== null && !isClock)) continue;
    const list = windows[wayIndex(source, plan)] ?? windows[0] ?? [];
    const window = list.filter(({ open }) => doneAt(evenings, done.endMin, open) <= start + SAME_MIN).at(-1) ?? list[0];
    if (!window) continue;
    const untilMin = doneAt(evenings, done.endMin, window.open);
    const waits = untilMin - done.endMin;
    limits.push({
      atMin: untilMin,
      binding:
        isClock || waits < 1e-6
          ? { kind: 'follows', by: source.id, untilMin, waitMin: isClock ? waits : 0 }
          : { kind: 'dries', by: source.id, untilMin },
    });
  }
  return limits;
}

const wayIndex = ({ id, modes }: Node, { chosen }: Plan): number =>
  Math.max(
    0,
    modes.findIndex((mode) => mode.id === (chosen[id] ?? null)),
  );

const wayOf = (node: Node, plan: Plan): Mode => node.modes[wayIndex(node, plan)] as Mode;

/** The bench with all that is planned on it but one. */
function without(compiled: Compiled, plan: Plan, index: number): BenchTime {
  const bench = new BenchTime({ ...compiled, capacities: compiled.problem.capacities });
  const nodeOf = new Map(compiled.nodes.map((node) => [node.id, node]));
  for (const { id, startMin } of plan.placed) {
    const node = nodeOf.get(id);
    if (!node || node.index === index) continue;
    const mode = wayOf(node, plan);
    const slot = bench.find(mode, false, [{ fromMin: startMin, toMin: startMin }]);
    if (slot) bench.take(node.index, mode, slot);
  }
  return bench;
}

/** The place where it would stand, if that is too full then. */
function fullPlace({ nodes, evenings, problem }: Compiled, plan: Plan, { id, stands }: Node, endMin: number): string | null {
  if (!stands) return null;
  const at = new Map(plan.placed.map((p) => [p.id, p.endMin]));
  const places = new Places(problem.capacities ?? {});
  for (const other of nodes) {
    const end = at.get(other.id);
    if (other.stands && end !== undefined && other.id !== id) places.take(other.stands, end, doneAt(evenings, end, other.stands.until));
  }
  return places.freeFrom(stands, endMin, doneAt(evenings, endMin, stands.until)) > endMin + 1e-6 ? stands.place : null;
}

/** The first of what follows whose window would be closed if this were done by then. */
function closedBy({ nodes, evenings }: Compiled, plan: Plan, node: Node, endMin: number): string | null {
  const at = new Map(plan.placed.map((p) => [p.id, p]));
  for (const next of new Set(node.successors)) {
    const follower = nodes[next];
    const start = follower && at.get(follower.id)?.startMin;
    if (!follower || start === undefined) continue;
    for (const { from, windows } of follower.into) {
      if (from !== node.index) continue;
      const allowed: Interval[] = (windows[wayIndex(node, plan)] ?? []).map(({ open, close }) => ({
        fromMin: doneAt(evenings, endMin, open),
        toMin: close ? doneAt(evenings, endMin, close) : Infinity,
      }));
      if (intersect(allowed, [{ fromMin: start, toMin: start }]).length === 0 && firstOpen(allowed, start) === null) return follower.id;
    }
  }
  return null;
}

/** What has the time right before the start, or why the evening before would not do. */
function whatHolds(
  { nodes, evenings, daylight }: Compiled,
  bench: BenchTime,
  node: Node,
  mode: Mode,
  earliest: number,
  start: number,
): Binding {
  const evening = evenings[firstEndingAfter(evenings, start)];
  if (evening && start > evening.fromMin + SAME_MIN) {
    for (const name of mode.resources) {
      const holder = bench.holder(name, start - 0.5);
      if (holder)
        return {
          kind: 'busy',
          by: holder.kind === 'cleaning' ? null : (nodes[holder.node]?.id ?? null),
          untilMin: Math.min(holder.toMin, start),
        };
    }
    if (node.daylight && daylight.some((d) => Math.abs(d.fromMin - start) < SAME_MIN)) return { kind: 'daylight', untilMin: start };
  }
  if (node.daylight) return { kind: 'daylight', untilMin: start };
  const before = evenings[firstEndingAfter(evenings, start) - 1];
  return { kind: 'evening', untilMin: Math.max(earliest, before?.toMin ?? earliest) };
}
