import type { Evening, Job } from './evening.js';

/** What could be begun right now, in the order in which it is planned: of each piece the next thing only. */
export function readyNow({ jobs }: Evening, nowMin: number): Job[] {
  const seen = new Set<string>(jobs.filter(({ state }) => state === 'running').map(({ pieceId }) => pieceId));
  return jobs.filter((job) => {
    if (job.state !== 'planned' || seen.has(job.pieceId)) return false;
    seen.add(job.pieceId);
    return job.report.earliestMin <= nowMin + 0.5;
  });
}

/** What is to be done now: what is going on, else the next that is planned; null when the evening is done. */
export function jobNow({ jobs }: Evening): Job | null {
  return jobs.findLast(({ state }) => state === 'running') ?? jobs.find(({ state }) => state === 'planned') ?? null;
}
