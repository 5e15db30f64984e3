import type { LogEntry } from '@eveningtide/core/log';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** An entry of the log that the server has not confirmed yet; null takes the entry back. */
export interface Unsent {
  id: string;
  entry: LogEntry | null;
}

/** One key an entry: two tabs that write never overwrite each other. */
const PREFIX = 'eveningtide.outbox.';
/** All in one, as it was kept before. */
const FORMER_KEY = 'eveningtide.outbox';

const isUnsent = (one: unknown): one is Unsent => typeof one === 'object' && one !== null && 'id' in one && 'entry' in one;

function parsed(text: string | null): unknown {
  try {
    return JSON.parse(text ?? 'null');
  } catch {
    return null;
  }
}

/** What was never confirmed before the pages were closed, of whichever tab; spoilt content counts as none. */
export function storedOutbox(): Unsent[] {
  try {
    const former = parsed(localStorage.getItem(FORMER_KEY));
    const found: unknown[] = Array.isArray(former) ? former : [];
    for (let i = 0; i < localStorage.length; i++) {
      const key = localStorage.key(i);
      if (key?.startsWith(PREFIX)) found.push(parsed(localStorage.getItem(key)));
    }
    const unsent = new Map(found.filter(isUnsent).map((one) => [one.id, one]));
    return [...unsent.values()].sort((a, b) => (a.entry?.startedAt ?? '').localeCompare(b.entry?.startedAt ?? ''));
  } catch {
    return [];
  }
}

/** Keeps what was written, and forgets what was settled, entry by entry. */
export function keepOutbox(before: readonly Unsent[], now: readonly Unsent[]): void {
  try {
    for (const one of now) if (!before.includes(one)) localStorage.setItem(PREFIX + one.id, JSON.stringify(one));
    for (const one of before) {
      const key = PREFIX + one.id;
      // another tab may have a newer word on it
      if (!now.some(({ id }) => id === one.id) && localStorage.getItem(key) === JSON.stringify(one)) localStorage.removeItem(key);
    }
    localStorage.removeItem(FORMER_KEY);
  } catch {
    // a full or forbidden storage must not stop the work
  }
}

/** What another tab did to its outbox, as an action for this one; null: something else changed. */
export function outboxChange(key: string | null, oldValue: string | null, newValue: string | null) {
  if (!key?.startsWith(PREFIX)) return null;
  const [before, now] = [parsed(oldValue), parsed(newValue)];
  if (isUnsent(now)) return outboxActions.written(now);
  return isUnsent(before) ? outboxActions.settled(before) : null;
}

/**
 * What is written at the bench goes here first and from here to the server, again and again until it is confirmed: nothing is lost while the server is
 * away, and an entry's own id keeps it from being written twice.
 */
const slice = createSlice({
  name: 'outbox',
  initialState: [] as Unsent[],
  reducers: {
    /** The newest word on an entry replaces what was not sent yet. */
    written: (state, { payload }: PayloadAction<Unsent>) => [...state.filter(({ id }) => id !== payload.id), payload],
    /** Confirmed, or refused for good; what was written meanwhile stays. */
    settled: (state, { payload }: PayloadAction<Unsent>) => state.filter((one) => JSON.stringify(one) !== JSON.stringify(payload)),
  },
});

export const outboxActions = slice.actions;
export const outboxReducer = slice.reducer;
