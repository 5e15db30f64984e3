import type { Evening, Job } from './evening.js';

/** A cleaning belongs to the job that ends when it begins, to half a minute. */
const SAME_MIN = 0.5;

/** Minutes of cleaning that follow a job; 0 where none does, or where it is done already. */
export function cleaningAfterMin({ cleanings }: Evening, { endMin, state }: Job): number {
  const after = state === 'done' ? undefined : cleanings.find(({ fromMin }) => Math.abs(fromMin - endMin) < SAME_MIN);
  return after ? after.toMin - after.fromMin : 0;
}

/** Minute until which the airbrush is being cleaned after what was sprayed last; null where it is not. */
export function cleaningUntilMin({ cleanings, jobs }: Evening, nowMin: number): number | null {
  const isAfterWork = (at: number): boolean => jobs.some(({ state, endMin }) => state === 'done' && Math.abs(endMin - at) < SAME_MIN);
  return cleanings.find(({ fromMin, toMin }) => nowMin < toMin && isAfterWork(fromMin))?.toMin ?? null;
}
