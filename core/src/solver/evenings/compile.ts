import type { Interval } from '../../units/index.js';
import type { DryingLag, DryingWork, LagWindow, ScheduleOperation, ScheduleProblem, Setup, Stand, Vapour } from '../problem.js';

/** One way to do an operation. */
export interface Mode {
  id: string | null;
  durationMin: number;
  resources: readonly string[];
  colour: string | null;
  /** The airbrush must be cleaned afterwards. */
  isSetUp: boolean;
  /** It may take the end of an evening that is kept free. */
  fills: boolean;
  vapour: Vapour | null;
  /** It is pinned, and does not ask what is in the air; others mind it. */
  isPinned?: boolean;
}

/** A lag that ends in an operation. */
export interface Incoming {
  from: number;
  /** By the way in which `from` is done. */
  windows: readonly (readonly LagWindow[])[];
  /** Holds for pinned operations too. */
  isClock: boolean;
  /** The first window is meant; a later one only where the first cannot be met. */
  prefersFirst: boolean;
  /** Coming in a later window spoils something. */
  holds: boolean;
}

/** An operation with everything that bears on it, by number. */
export interface Node {
  index: number;
  id: string;
  job: string;
  modes: Mode[];
  releaseMin: number;
  dueMin: number | null;
  pinnedMin: number | null;
  /** Null: whenever. */
  startsIn: readonly Interval[] | null;
  daylight: boolean;
  dropCost: number | null;
  stands: Stand | null;
  into: Incoming[];
  successors: number[];
}

/** The problem by numbers, in an order in which all comes after what it follows. */
export interface Compiled {
  problem: ScheduleProblem;
  nodes: Node[];
  /** Node numbers, each after those that it follows. */
  topological: number[];
  evenings: readonly Interval[];
  /** Until when each evening is filled, by number. */
  filledTo: Float64Array;
  daylight: readonly Interval[];
  notBeforeMin: number;
  /** What dries over a night needs so many times as long for a plan on the careful side. */
  overNights: number;
  setup: Setup | null;
  /** How long what burns stays in the air; null where nothing lights it. */
  vapourMin: number | null;
}

const clockWork = (minutes: number): DryingWork => ({ eveningMin: minutes, nightMin: minutes });

function modesOf(operation: ScheduleOperation, setup: Setup | null, longestMin: number): Mode[] {
  const { durationMin, resources, colour = null, pinnedMin = null, fills = false, vapour = null } = operation;
  return [{ id: null, durationMin, resources, colour, vapour }, ...(operation.alternatives ?? [])].map((way) => {
    const isSetUp = setup !== null && way.resources.includes(setup.resource);
    const wholeMin = way.durationMin + (isSetUp ? setup.minutes : 0);
    return {
      ...way,
      vapour: way.vapour ?? null,
      isPinned: pinnedMin !== null,
      isSetUp,
      fills: fills || pinnedMin !== null || wholeMin > longestMin,
    };
  });
}

/** @throws RangeError naming what is wrong: no calendar, unknown or doubled ids, durations below 0, lags that go round in a circle. */
export function compile(problem: ScheduleProblem): Compiled {
  const { operations, lags, drying = [], setup, calendar } = problem;
  if (!calendar) throw new RangeError('calendar must be given, got none');
  const indexOf = new Map(operations.map(({ id }, i) => [id, i]));
  if (indexOf.size < operations.length) throw new RangeError('each operation id must occur once');
  const { evenings, daylight, notBeforeMin, fillShare = 1, overNights = 1 } = calendar;
  const filledTo = Float64Array.from(evenings, ({ fromMin, toMin }) => fromMin + fillShare * (toMin - fromMin));
  const longestMin = evenings.reduce((most, { fromMin }, e) => Math.max(most, (filledTo[e] as number) - fromMin), 0);
  const nodes = operations.map((operation, index): Node => {
    const modes = modesOf(operation, setup, longestMin);
    const wrong = modes.find(({ durationMin }) => !(durationMin >= 0 && durationMin < Infinity));
    if (wrong) throw new RangeError(`durationMin of '${operation.id}' must be at least 0, got ${String(wrong.durationMin)}`);
    const { id, job = id, releaseMin = 0, dueMin = null, pinnedMin = null, daylight = false, dropCost = null, stands = null } = operation;
    const { startsIn = null } = operation;
    return { index, id, job, modes, releaseMin, dueMin, pinnedMin, startsIn, daylight, dropCost, stands, into: [], successors: [] };
  });
  const nodeOf = (id: string): Node => {
    const node = nodes[indexOf.get(id) ?? -1];
    if (!node) throw new RangeError(`lag names operation '${id}', which is not there`);
    return node;
  };
  const connect = (
    fromId: string,
    toId: string,
    windowsBy: (mode: Mode) => readonly LagWindow[],
    isClock: boolean,
    { prefersFirst = false, holds = false }: Pick<DryingLag, 'prefersFirst' | 'holds'> = {},
  ): void => {
    const [from, to] = [nodeOf(fromId), nodeOf(toId)];
    to.into.push({ from: from.index, windows: from.modes.map(windowsBy), isClock, prefersFirst, holds });
    from.successors.push(to.index);
  };
  for (const { from, to, minMin, maxMin } of lags) {
    const windows = [{ open: clockWork(minMin), close: maxMin === null ? null : clockWork(maxMin) }];
    connect(from, to, () => windows, true);
  }
  for (const { from, to, windows, windowsIf, ...meant } of drying)
    connect(from, to, ({ id }) => windowsIf?.[id ?? ''] ?? windows, false, meant);
  const isLit = nodes.some(({ modes }) => modes.some(({ vapour }) => vapour === 'lights' || vapour === 'both'));
  const vapourMin = isLit ? (problem.vapourMin ?? 0) : null;
  return { problem, nodes, topological: topological(nodes), evenings, filledTo, daylight, notBeforeMin, overNights, setup, vapourMin };
}

/** Until when work of this kind may last in an evening. */
export const lastsUntil = (
  { evenings, filledTo }: Pick<Compiled, 'evenings' | 'filledTo'>,
  { fills }: Pick<Mode, 'fills'>,
  e: number,
): number => (fills ? evenings[e]?.toMin : filledTo[e]) ?? -Infinity;

function topological(nodes: readonly Node[]): number[] {
  const waiting = nodes.map(({ into }) => into.length);
  const out = nodes.filter(({ into }) => into.length === 0).map(({ index }) => index);
  for (const at of out)
    for (const next of nodes[at]?.successors ?? []) {
      waiting[next] = (waiting[next] ?? 0) - 1;
      if (waiting[next] === 0) out.push(next);
    }
  if (out.length < nodes.length) {
    const stuck = nodes.find(({ index }) => (waiting[index] ?? 0) > 0);
    throw new RangeError(`lags must not go round in a circle, got one through '${stuck?.id ?? ''}'`);
  }
  return out;
}
