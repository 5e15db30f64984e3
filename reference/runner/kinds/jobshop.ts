import { scheduleFaults, solveSchedule, type ScheduleProblem } from '@eveningtide/core/solver';
import { num, type RunRow } from '../outcome.js';
import { ticking } from '../ticking.js';

/** The search may ask its clock so often; the rows are reached in half of it. How long that takes on a machine is told by the benchmark. */
const MOST_TICKS = 2000;

/** Jobs as lists of [machine, duration]; one machine each, in order within a job. */
function problemOf(jobs: readonly (readonly (readonly [number, number])[])[]): ScheduleProblem {
  const id = (job: number, step: number): string => `${String(job)}.${String(step)}`;
  return {
    operations: jobs.flatMap((job, j) =>
      job.map(([machine, durationMin], k) => ({ id: id(j, k), durationMin, resources: [`machine ${String(machine)}`] })),
    ),
    lags: jobs.flatMap((job, j) => job.slice(1).map((_, k) => ({ from: id(j, k), to: id(j, k + 1), minMin: 0, maxMin: null }))),
    setup: null,
  };
}

export const jobshop: RunRow = (row) => {
  const problem = problemOf(row['jobs'] as [number, number][][]);
  const [optimum, allowedGap] = [num(row, 'optimum'), num(row, 'allowedGap')];
  const { schedule, lowerBoundMin } = solveSchedule(problem, { timeLimitMs: MOST_TICKS, seed: 1, now: ticking() });
  if (!schedule) return { as: 'failed', why: 'no schedule was found' };
  const faults = scheduleFaults(problem, schedule);
  if (faults.length > 0) return { as: 'failed', why: faults.join('; ') };
  if (lowerBoundMin > optimum + 1e-6)
    return { as: 'failed', why: `expected a bound of at most ${String(optimum)} got ${String(lowerBoundMin)}` };
  if (schedule.makespanMin > optimum * (1 + allowedGap) + 1e-6)
    return {
      as: 'failed',
      why: `expected a makespan of at most ${String(optimum * (1 + allowedGap))} got ${String(schedule.makespanMin)}`,
    };
  return { as: 'passed' };
};
