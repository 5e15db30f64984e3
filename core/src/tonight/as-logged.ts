import type { LogEntry } from '../log/index.js';
import { minuteOf } from '../units/index.js';
import type { Evening, Job } from './evening.js';

const keyOf = (pieceId: string, stepId: string | null, sitting: number): string => `${pieceId}/${stepId ?? ''}/${String(sitting)}`;

/**
 * The evening with what the log has been told since its plan was made: a press is seen at once, here and on another screen, and the plan follows.
 * Of an evening whose plan knows the log it changes nothing.
 */
export function asLogged(evening: Evening, log: readonly LogEntry[], originDate: string): Evening {
  const told = new Map(
    log
      .filter(({ kind }) => kind === 'work' || kind === 'left-out')
      .map((entry) => [keyOf(entry.pieceId, entry.stepId, entry.sitting), entry]),
  );
  const jobs = evening.jobs.flatMap((job): Job[] => {
    const entry = told.get(keyOf(job.pieceId, job.step.id, job.sitting));
    const now = entry?.kind === 'left-out' ? null : stateOf(entry);
    if (now === job.state) return [job];
    if (!entry) return [{ ...job, state: 'planned' }];
    if (now === null) return [];
    const startMin = minuteOf(originDate, entry.startedAt);
    const endMin = entry.endedAt === null ? startMin + job.plannedMin : minuteOf(originDate, entry.endedAt);
    return [{ ...job, state: now, startMin, endMin }];
  });
  if (jobs.length === evening.jobs.length && jobs.every((job, i) => job === evening.jobs[i])) return evening;
  // what was begun stands before what is still to come, by when it was
  const begun = jobs.filter(({ state }) => state !== 'planned').sort((a, b) => a.startMin - b.startMin);
  return { ...evening, jobs: [...begun, ...jobs.filter(({ state }) => state === 'planned')] };
}

const stateOf = (entry: LogEntry | undefined): Job['state'] => (!entry ? 'planned' : entry.endedAt === null ? 'running' : 'done');
