import { scheduleFaults, solveSchedule, type ScheduleProblem } from '@eveningtide/core/solver';
import { num, type RunRow } from '../outcome.js';
import { ticking } from '../ticking.js';

/** The search may ask its clock so often before it must have proven its answer. */
const MOST_TICKS = 500_000;

export const timelags: RunRow = (row) => {
  const problem: ScheduleProblem = {
    operations: row['operations'] as ScheduleProblem['operations'],
    lags: row['lags'] as ScheduleProblem['lags'],
    setup: { resource: 'airbrush', minutes: num(row, 'colourSetupMin') },
  };
  const optimum = row['optimumMakespanMin'] as number | null;
  const { schedule, proven } = solveSchedule(problem, { timeLimitMs: MOST_TICKS, seed: 1, now: ticking() });
  if (!proven) return { as: 'failed', why: `expected a proof got none in ${String(MOST_TICKS)} ticks` };
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
