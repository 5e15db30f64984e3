import type { LogEntry } from '@eveningtide/core/log';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** An entry of the log that the server has not confirmed yet; null takes the entry back. */
export interface Unsent {
  id: string;
  entry: LogEntry | null;
}

const KEY = 'eveningtide.outbox';

const isUnsent = (one: unknown): one is Unsent => typeof one === 'object' && one !== null && 'id' in one && 'entry' in one;

/** What was never confirmed before the page was closed; spoilt content counts as none. */
export function storedOutbox(): Unsent[] {
  try {
    const list: unknown = JSON.parse(localStorage.getItem(KEY) ?? '[]');
    return Array.isArray(list) ? list.filter(isUnsent) : [];
  } catch {
    return [];
  }
}

export function keepOutbox(unsent: readonly Unsent[]): void {
  try {
    localStorage.setItem(KEY, JSON.stringify(unsent));
  } catch {
    // a full or forbidden storage must not stop the work
  }
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
