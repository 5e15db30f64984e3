import type { LogEntry } from '@eveningtide/core/log';
import type { StoredEntry } from './api.js';
import type { Unsent } from './outbox.js';

/** What the server keeps, with what it has not confirmed yet on top, oldest first. */
export function merged(stored: readonly StoredEntry[], unsent: readonly Unsent[]): LogEntry[] {
  const changed = new Map(unsent.map(({ id, entry }) => [id, entry]));
  const kept = stored.flatMap(({ entry }) => {
    const now = changed.get(entry.id);
    if (now === undefined) return [entry];
    changed.delete(entry.id);
    return now === null ? [] : [now];
  });
  const added = [...changed.values()].filter((entry) => entry !== null);
  return [...kept, ...added].sort((a, b) => byText(a.startedAt, b.startedAt) || byText(a.id, b.id));
}

/** Moments and ids are no words: they go by their characters, which with thousands of them is far quicker than by a language's order. */
const byText = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);
