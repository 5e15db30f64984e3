import type { Timer } from '@eveningtide/core/tonight';

/** Warned so long before a window closes, minutes. */
const BEFORE_CLOSING_MIN = 3;

export type TimerMoment = 'opened' | 'closing' | 'closed';

/** What has come since the timers were looked at last. */
export function due(timer: Timer, nowMin: number): TimerMoment | null {
  if (timer.kind !== 'closes') return nowMin >= timer.toMin ? 'opened' : null;
  if (nowMin >= timer.toMin) return 'closed';
  return nowMin >= timer.toMin - BEFORE_CLOSING_MIN ? 'closing' : null;
}

/** How each timer stood when it was looked at last, by its id. */
export type Heard = ReadonlyMap<string, { timer: Timer; moment: TimerMoment | null }>;

/**
 * What has come since the timers were looked at last, and how they stand now. At the first look nothing is told. One that reached its time has left the
 * list by then and is told; one that left it before, because its step was begun, is forgotten.
 */
export function heardSince(
  before: Heard | null,
  timers: readonly Timer[],
  nowMin: number,
): { told: { timer: Timer; moment: TimerMoment }[]; heard: Heard } {
  const heard: Heard = new Map(timers.map((timer) => [timer.id, { timer, moment: due(timer, nowMin) }]));
  const left = [...(before ?? [])]
    .filter(([id]) => !heard.has(id))
    .map(([id, { timer }]) => [id, { timer, moment: due(timer, nowMin) }] as const);
  const told = [...heard, ...left].flatMap(([id, { timer, moment }]) => {
    const had = before?.get(id);
    return moment !== null && had && had.moment !== moment ? [{ timer, moment }] : [];
  });
  return { told, heard };
}
