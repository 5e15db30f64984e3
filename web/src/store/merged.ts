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
  return [...kept, ...added].sort((a, b) => a.startedAt.localeCompare(b.startedAt) || a.id.localeCompare(b.id));
}
