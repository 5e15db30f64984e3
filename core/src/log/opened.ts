import type { LogEntry } from './entry.js';

/** Bottles as they stand: one that work was done from is open since then, though nobody wrote that down. Others are the same objects. */
export function openedByUse<B extends { id: string; openedOn: string | null }>(bottles: readonly B[], log: readonly LogEntry[]): B[] {
  const since = new Map<string, string>();
  for (const { kind, step, startedAt } of log) {
    const id = kind === 'work' ? (step?.bottleId ?? null) : null;
    const day = startedAt.slice(0, 10);
    if (id !== null && day < (since.get(id) ?? '9999')) since.set(id, day);
  }
  return bottles.map((bottle) => {
    const openedOn = bottle.openedOn ?? since.get(bottle.id) ?? null;
    return openedOn === bottle.openedOn ? bottle : { ...bottle, openedOn };
  });
}
