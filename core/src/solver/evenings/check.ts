import type { Interval } from '../../units/index.js';
import type { DryingWork, ScheduleOperation, ScheduleProblem } from '../problem.js';
import type { Plan } from './plan.js';

/** Rounding of floating point that is let pass, minutes. */
const SLACK = 1e-5;

/** How much of the work is done after so long: written as a sum over stretches, apart from the clock that the planner uses. */
function shareDone(evenings: readonly Interval[], fromMin: number, toMin: number, { eveningMin, nightMin }: DryingWork): number {
  if (toMin <= fromMin) {
    const isEvening = evenings.some((e) => fromMin >= e.fromMin && fromMin <= e.toMin);
    return (isEvening ? eveningMin : nightMin) <= 0 ? 1 : 0;
  }
  const light = evenings.reduce((sum, e) => sum + Math.max(0, Math.min(toMin, e.toMin) - Math.max(fromMin, e.fromMin)), 0);
  const part = (minutes: number, whole: number): number => (minutes <= 0 ? 0 : whole <= 0 ? Infinity : minutes / whole);
  return part(light, eveningMin) + part(toMin - fromMin - light, nightMin);
}

/**
 * Everything that a plan breaks, in words; nothing where it is sound. Written from the statement of the problem alone and without any part of the
 * planner, so that the two cannot be wrong together.
 */
export function planFaults(problem: ScheduleProblem, plan: Plan): string[] {
  const ways = problem.operations.map((operation) => asChosen(operation, plan));
  const at = new Map(plan.placed.map((p) => [p.id, p]));
  return [
    ...ways.flatMap((way) => timeFaults(way, problem, plan, at.get(way.id))),
    ...lagFaults(problem, at),
    ...windowFaults(problem, plan, at),
    ...taken(ways, plan, problem.setup),
    ...lit(ways, at, problem.vapourMin ?? 0),
    ...missingResources(ways, at, problem.capacities),
    ...Object.entries(problem.capacities ?? {}).flatMap(([name, room]) => [...crowded(name, room, ways, at, problem)]),
  ];
}

type Placed = Plan['placed'][number];
type At = ReadonlyMap<string, Placed>;
type ChosenOperation = ReturnType<typeof asChosen>;

/** An operation in the way that the plan has chosen for it. */
const asChosen = (operation: ScheduleOperation, { chosen }: Plan) => ({
  ...operation,
  colour: operation.colour ?? null,
  ...(operation.alternatives?.find(({ id }) => id === chosen[operation.id]) ?? {}),
  id: operation.id,
});

const lies = (startMin: number, endMin: number, list: readonly Interval[]): boolean =>
  list.some((e) => startMin >= e.fromMin - SLACK && endMin <= e.toMin + SLACK);

/** What is wrong with when one operation is done, or with its not being done. */
// eslint-disable-next-line complexity -- written as the statement of the problem, one sentence after the other
function timeFaults(way: ChosenOperation, { calendar }: ScheduleProblem, plan: Plan, p: Placed | undefined): string[] {
  const { id, durationMin, releaseMin = 0, pinnedMin = null, startsIn = null, dropCost = null } = way;
  const { evenings = [], daylight = [], notBeforeMin = 0 } = calendar ?? {};
  const isDropped = plan.dropped.includes(id);
  const faults: string[] = [];
  if (isDropped && dropCost === null) faults.push(`${id} must not be left out`);
  if (!p) return isDropped || plan.unplaced.some((u) => u.id === id) ? faults : [...faults, `${id} is lost`];
  if (Math.abs(p.endMin - p.startMin - durationMin) > SLACK) faults.push(`${id} takes the wrong time`);
  if (p.startMin < Math.max(notBeforeMin, releaseMin) - SLACK) faults.push(`${id} starts before it may`);
  if (startsIn && pinnedMin === null && !lies(p.startMin, p.startMin, startsIn)) faults.push(`${id} starts where nothing is open for it`);
  if (!lies(p.startMin, p.endMin, evenings)) faults.push(`${id} lies in no evening`);
  if (way.daylight && !lies(p.startMin, p.endMin, daylight)) faults.push(`${id} is in the dark`);
  return faults;
}

function* lagFaults({ lags }: ScheduleProblem, at: At): Generator<string> {
  for (const { from, to, minMin, maxMin } of lags) {
    const [a, b] = [at.get(from), at.get(to)];
    if (!a || !b) continue;
    const lag = b.startMin - a.endMin;
    if (lag < minMin - SLACK || (maxMin !== null && lag > maxMin + SLACK)) yield `${from} → ${to} lies ${String(lag)} min apart`;
  }
}

/** Windows by drying work that are missed; what is pinned has been told of already. */
function* windowFaults({ drying = [], operations, calendar }: ScheduleProblem, { chosen }: Plan, at: At): Generator<string> {
  const evenings = calendar?.evenings ?? [];
  const pinned = new Set(operations.filter(({ pinnedMin }) => pinnedMin != null).map(({ id }) => id));
  for (const { from, to, windows, windowsIf } of drying) {
    const [a, b] = [at.get(from), at.get(to)];
    if (!a || !b || pinned.has(to)) continue;
    const done = (work: DryingWork): number => shareDone(evenings, a.endMin, b.startMin, work);
    const inside = (windowsIf?.[chosen[from] ?? ''] ?? windows).some(
      ({ open, close }) => done(open) >= 1 - 1e-6 && (!close || done(close) <= 1 + 1e-6),
    );
    if (!inside) yield `${from} → ${to} misses its window`;
  }
}

function* missingResources(ways: readonly ChosenOperation[], at: At, capacities: ScheduleProblem['capacities']): Generator<string> {
  for (const { id, resources } of ways)
    for (const name of resources)
      if (at.has(id) && capacities && !(Number(capacities[name]) > 0)) yield `${id} needs ${name}, which is not there`;
}

/** When more stands wet at a place than has room; what is pinned may. */
function* crowded(name: string, room: number, ways: readonly ChosenOperation[], at: At, { calendar }: ScheduleProblem): Generator<string> {
  const here = ways.flatMap(({ id, stands, pinnedMin = null }) => {
    const p = at.get(id);
    return p && stands?.place === name
      ? [{ fromMin: p.endMin, units: Math.min(room, stands.units), stands, isPinned: pinnedMin !== null }]
      : [];
  });
  const isWet = (one: (typeof here)[number], fromMin: number): boolean =>
    one.fromMin <= fromMin && shareDone(calendar?.evenings ?? [], one.fromMin, fromMin + SLACK, one.stands.until) < 1;
  for (const { fromMin } of here) {
    const there = here.filter((one) => isWet(one, fromMin));
    if (there.some(({ isPinned }) => isPinned)) continue;
    if (there.reduce((sum, { units }) => sum + units, 0) > room) yield `${name} is too full at ${String(fromMin)}`;
  }
}

interface Span {
  from: number;
  to: number;
  what: string;
  colour: string | null;
}

/** What is used twice at once, and colours that follow each other without a cleaning. */
function taken(ways: readonly ChosenOperation[], plan: Plan, setup: ScheduleProblem['setup']): string[] {
  const faults: string[] = [];
  const at = new Map(plan.placed.map((p) => [p.id, p]));
  const cleanHolds = setup ? [setup.resource, ...(setup.holds ?? [])] : [];
  for (const name of new Set([...ways.flatMap(({ resources }) => resources), ...cleanHolds])) {
    const spans = ways.flatMap(({ id, resources, colour }): Span[] => {
      const p = at.get(id);
      return p && resources.includes(name) ? [{ from: p.startMin, to: p.endMin, what: id, colour }] : [];
    });
    const cleanings = cleanHolds.includes(name)
      ? plan.cleanings.map((c): Span => ({ from: c.fromMin, to: c.toMin, what: 'cleaning', colour: null }))
      : [];
    const all = [...spans, ...cleanings].sort((a, b) => a.from - b.from || a.to - b.to);
    for (const [i, later] of all.entries()) {
      const before = all[i - 1];
      if (before && later.from < before.to - SLACK) faults.push(`${later.what} overlaps ${before.what} on ${name}`);
    }
    if (setup && name === setup.resource) faults.push(...uncleaned(spans, cleanings, setup));
  }
  return faults;
}

/** What would light what is in the air; what is pinned has been told of already. */
function* lit(ways: readonly ChosenOperation[], at: At, vapourMin: number): Generator<string> {
  const free = ways.filter(({ pinnedMin = null }) => pinnedMin === null);
  for (const flame of free.filter(({ vapour = null }) => vapour === 'lights' || vapour === 'both'))
    for (const source of free.filter(({ vapour = null }) => vapour === 'gives' || vapour === 'both')) {
      const [f, s] = [at.get(flame.id), at.get(source.id)];
      if (!f || !s || f === s) continue;
      if (f.startMin < s.endMin + vapourMin - SLACK && f.endMin > s.startMin + SLACK) yield `${flame.id} lights what ${source.id} gives`;
    }
}

/** Colours that follow each other without a cleaning that is long enough. */
function* uncleaned(spans: Span[], cleanings: readonly Span[], setup: NonNullable<ScheduleProblem['setup']>): Generator<string> {
  const { minutes, darkness = {} } = setup;
  const rinseMin = setup.rinseMin ?? minutes;
  const users = spans.sort((a, b) => a.from - b.from);
  for (const [i, later] of users.entries()) {
    const before = users[i - 1];
    if (!before || before.colour === later.colour) continue;
    const [first, second] = [darkness[before.colour ?? ''], darkness[later.colour ?? '']];
    const isDarker = first !== undefined && second !== undefined && second > first;
    const wanted = isDarker ? Math.min(minutes, rinseMin) : minutes;
    const isClean = cleanings.some((c) => c.from >= before.to - SLACK && c.to <= later.from + SLACK && c.to - c.from >= wanted - SLACK);
    if (!isClean) yield `no cleaning between ${before.what} and ${later.what}`;
  }
}
