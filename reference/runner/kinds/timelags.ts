import { performance } from 'node:perf_hooks';
import { scheduleFaults, solveSchedule, type ScheduleProblem } from '@eveningtide/core/solver';
import { num, type RunRow } from '../outcome.js';

const TIME_LIMIT_MS = 9000;

export const timelags: RunRow = (row) => {
  const problem: ScheduleProblem = {
    operations: row['operations'] as ScheduleProblem['operations'],
    lags: row['lags'] as ScheduleProblem['lags'],
    setup: { resource: 'airbrush', minutes: num(row, 'colourSetupMin') },
  };
  const optimum = row['optimumMakespanMin'] as number | null;
  const { schedule, proven } = solveSchedule(problem, { timeLimitMs: TIME_LIMIT_MS, seed: 1, now: () => performance.now() });
  if (!proven) return { as: 'failed', why: `expected a proof got none in ${String(TIME_LIMIT_MS)} ms` };
  if (optimum === null || !schedule) {
    const got = schedule ? String(schedule.makespanMin) : 'infeasible';
    return optimum === null && !schedule
      ? { as: 'passed' }
      : { as: 'failed', why: `expected ${optimum === null ? 'infeasible' : String(optimum)} got ${got}` };
  }
  const faults = scheduleFaults(problem, schedule);
  if (faults.length > 0) return { as: 'failed', why: faults.join('; ') };
  return Math.abs(schedule.makespanMin - optimum) < 1e-6
    ? { as: 'passed' }
    : { as: 'failed', why: `expected optimumMakespanMin ${String(optimum)} got ${String(schedule.makespanMin)}` };
};
