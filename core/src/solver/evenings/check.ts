import type { Interval } from '../../units/index.js';
import type { DryingWork, ScheduleProblem } from '../problem.js';
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
  const { operations, lags, drying = [], setup, calendar, capacities } = problem;
  const { evenings = [], daylight = [], notBeforeMin = 0 } = calendar ?? {};
  const faults: string[] = [];
  const at = new Map(plan.placed.map((p) => [p.id, p]));
  const dropped = new Set(plan.dropped);
  const ways = operations.map((operation) => {
    const chosen = plan.chosen[operation.id];
    return {
      ...operation,
      colour: operation.colour ?? null,
      ...(operation.alternatives?.find(({ id }) => id === chosen) ?? {}),
      id: operation.id,
    };
  });
  const lies = (startMin: number, endMin: number, list: readonly Interval[]): boolean =>
    list.some((e) => startMin >= e.fromMin - SLACK && endMin <= e.toMin + SLACK);
  for (const {
    id,
    durationMin,
    releaseMin = 0,
    pinnedMin = null,
    startsIn = null,
    daylight: wantsLight = false,
    dropCost = null,
  } of ways) {
    const p = at.get(id);
    if (dropped.has(id) && dropCost === null) faults.push(`${id} must not be left out`);
    if (!p) {
      if (!dropped.has(id) && !plan.unplaced.some((u) => u.id === id)) faults.push(`${id} is lost`);
      continue;
    }
    if (Math.abs(p.endMin - p.startMin - durationMin) > SLACK) faults.push(`${id} takes the wrong time`);
    if (p.startMin < Math.max(notBeforeMin, releaseMin) - SLACK) faults.push(`${id} starts before it may`);
    if (startsIn && pinnedMin === null && !lies(p.startMin, p.startMin, startsIn)) faults.push(`${id} starts where nothing is open for it`);
    if (!lies(p.startMin, p.endMin, evenings)) faults.push(`${id} lies in no evening`);
    if (wantsLight && !lies(p.startMin, p.endMin, daylight)) faults.push(`${id} is in the dark`);
  }
  for (const { from, to, minMin, maxMin } of lags) {
    const [a, b] = [at.get(from), at.get(to)];
    if (!a || !b) continue;
    const lag = b.startMin - a.endMin;
    if (lag < minMin - SLACK || (maxMin !== null && lag > maxMin + SLACK)) faults.push(`${from} → ${to} lies ${String(lag)} min apart`);
  }
  for (const { from, to, windows, windowsIf } of drying) {
    const [a, b] = [at.get(from), at.get(to)];
    if (!a || !b || operations.find(({ id }) => id === to)?.pinnedMin != null) continue;
    const inside = (windowsIf?.[plan.chosen[from] ?? ''] ?? windows).some(
      ({ open, close }) =>
        shareDone(evenings, a.endMin, b.startMin, open) >= 1 - 1e-6 &&
        (!close || shareDone(evenings, a.endMin, b.startMin, close) <= 1 + 1e-6),
    );
    if (!inside) faults.push(`${from} → ${to} misses its window`);
  }
  faults.push(...taken(ways, plan, setup));
  for (const { id, resources } of ways)
    for (const name of resources)
      if (at.has(id) && capacities && !(Number(capacities[name]) > 0)) faults.push(`${id} wants ${name}, which is not there`);
  for (const [name, room] of Object.entries(capacities ?? {})) {
    const here = ways.flatMap(({ id, stands, pinnedMin = null }) => {
      const p = at.get(id);
      return p && stands?.place === name
        ? [{ fromMin: p.endMin, units: Math.min(room, stands.units), stands, isPinned: pinnedMin !== null }]
        : [];
    });
    for (const { fromMin } of here) {
      const there = here.filter((one) => one.fromMin <= fromMin && shareDone(evenings, one.fromMin, fromMin + SLACK, one.stands.until) < 1);
      if (there.some(({ isPinned }) => isPinned)) continue;
      if (there.reduce((sum, { units }) => sum + units, 0) > room) faults.push(`${name} is too full at ${String(fromMin)}`);
    }
  }
  return faults;
}

interface Way {
  id: string;
  resources: readonly string[];
  colour: string | null;
}

/** What is used twice at once, and colours that follow each other without a cleaning. */
function taken(ways: readonly Way[], plan: Plan, setup: ScheduleProblem['setup']): string[] {
  const faults: string[] = [];
  const at = new Map(plan.placed.map((p) => [p.id, p]));
  const cleanHolds = setup ? [setup.resource, ...(setup.holds ?? [])] : [];
  for (const name of new Set([...ways.flatMap(({ resources }) => resources), ...cleanHolds])) {
    const spans = ways.flatMap(({ id, resources, colour }) => {
      const p = at.get(id);
      return p && resources.includes(name) ? [{ from: p.startMin, to: p.endMin, what: id, colour }] : [];
    });
    const cleanings = cleanHolds.includes(name)
      ? plan.cleanings.map((c) => ({ from: c.fromMin, to: c.toMin, what: 'cleaning', colour: null }))
      : [];
    const all = [...spans, ...cleanings].sort((a, b) => a.from - b.from || a.to - b.to);
    for (const [i, later] of all.entries()) {
      const before = all[i - 1];
      if (before && later.from < before.to - SLACK) faults.push(`${later.what} overlaps ${before.what} on ${name}`);
    }
    if (!setup || name !== setup.resource) continue;
    const users = spans.sort((a, b) => a.from - b.from);
    for (const [i, later] of users.entries()) {
      const before = users[i - 1];
      if (!before || before.colour === later.colour) continue;
      const [first, second] = [setup.darkness?.[before.colour ?? ''], setup.darkness?.[later.colour ?? '']];
      const darker = first !== undefined && second !== undefined && second > first;
      const wanted = darker ? Math.min(setup.minutes, setup.rinseMin ?? setup.minutes) : setup.minutes;
      if (!cleanings.some((c) => c.from >= before.to - SLACK && c.to <= later.from + SLACK && c.to - c.from >= wanted - SLACK))
        faults.push(`no cleaning between ${before.what} and ${later.what}`);
    }
  }
  return faults;
}
