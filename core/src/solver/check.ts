import type { ScheduleProblem } from './problem.js';
import type { Schedule } from './solution.js';

/** Rounding of floating point that is let pass, minutes. */
const SLACK = 1e-6;

/**
 * Everything that a schedule breaks, in words; nothing where it is sound. Written from the statement of the problem alone and without any
 * part of the solver, so that the two cannot be wrong together.
 */
// eslint-disable-next-line complexity -- written as the statement of the problem, one sentence after the other
export function scheduleFaults({ operations, lags, setup }: ScheduleProblem, { startsMin, makespanMin }: Schedule): string[] {
  const faults: string[] = [];
  const start = (id: string): number => startsMin[id] ?? NaN;
  const byId = new Map(operations.map((operation) => [operation.id, operation]));
  const end = (id: string): number => start(id) + (byId.get(id)?.durationMin ?? NaN);
  for (const { id, releaseMin = 0 } of operations) {
    if (!Number.isFinite(start(id))) faults.push(`${id} has no start`);
    if (start(id) < Math.max(0, releaseMin) - SLACK) faults.push(`${id} starts at ${String(start(id))}, before it may`);
  }
  for (const { from, to, minMin, maxMin } of lags) {
    const lag = start(to) - end(from);
    if (!(lag >= minMin - SLACK)) faults.push(`${to} follows ${from} after ${String(lag)}, less than ${String(minMin)}`);
    if (maxMin !== null && !(lag <= maxMin + SLACK)) faults.push(`${to} follows ${from} after ${String(lag)}, more than ${String(maxMin)}`);
  }
  for (const resource of new Set(operations.flatMap(({ resources }) => resources))) {
    const users = operations
      .filter(({ resources }) => resources.includes(resource))
      .sort((a, b) => start(a.id) - start(b.id) || end(a.id) - end(b.id));
    for (const [i, later] of users.entries()) {
      const before = users[i - 1];
      if (!before) continue;
      const wants = setup?.resource === resource && (before.colour ?? null) !== (later.colour ?? null) ? setup.minutes : 0;
      if (start(later.id) < end(before.id) + wants - SLACK)
        faults.push(`${later.id} starts at ${String(start(later.id))} while ${resource} is not free after ${before.id}`);
    }
  }
  const last = Math.max(0, ...operations.map(({ id }) => end(id)));
  if (!(Math.abs(last - makespanMin) <= SLACK)) faults.push(`the makespan is ${String(last)}, not ${String(makespanMin)}`);
  return faults;
}
