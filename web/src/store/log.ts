import type { LogEntry } from '@eveningtide/core/log';
import { createSelector } from '@reduxjs/toolkit';
import { useEffect, useMemo, useRef, useState } from 'react';
import { api, refusalOf, useDeleteEntryMutation, useLogQuery, useSaveEntryMutation } from './api.js';
import { merged } from './merged.js';
import { outboxActions } from './outbox.js';
import { useAppDispatch, useAppSelector, type RootState } from './store.js';
import { toast } from './toast.js';

/** After a send that was not answered it is tried again so much later. */
const AGAIN_MS = 2000;

const stored = api.endpoints.log.select();

const isSame = (one: LogEntry[] | undefined, other: LogEntry[] | undefined): boolean =>
  one?.length === other?.length &&
  one?.every((entry, i) => entry === other?.[i] || JSON.stringify(entry) === JSON.stringify(other?.[i])) === true;

/** What was sent and is confirmed says the same as before: then it is the same list, and nothing is planned anew for it. */
const selectLog = createSelector(
  [(state: RootState) => stored(state).data, (state: RootState) => state.outbox],
  (data, unsent) => data && merged(data, unsent),
  { memoizeOptions: { resultEqualityCheck: isSame } },
);

/** The log as this screen knows it; undefined until it was read. */
export function useLog(): LogEntry[] | undefined {
  useLogQuery();
  return useAppSelector(selectLog);
}

/** Writes to the log, and takes back. */
export function useWriteLog(): { write: (entry: LogEntry) => void; takeBack: (id: string) => void } {
  const dispatch = useAppDispatch();
  return useMemo(
    () => ({
      write: (entry: LogEntry) => {
        dispatch(outboxActions.written({ id: entry.id, entry }));
      },
      takeBack: (id: string) => {
        dispatch(outboxActions.written({ id, entry: null }));
      },
    }),
    [dispatch],
  );
}

/** Sends what was written, one after the other, until each is confirmed. Runs once for the whole app. */
export function useSendLog(): void {
  const dispatch = useAppDispatch();
  const unsent = useAppSelector((state) => state.outbox);
  const { data: stored } = useLogQuery();
  const [save] = useSaveEntryMutation();
  const [remove] = useDeleteEntryMutation();
  const sending = useRef(false);
  const next = unsent[0];
  // told when a send has ended: what was written meanwhile is sent then
  const [sent, setSent] = useState(0);

  useEffect(() => {
    if (!next || !stored || sending.current) return;
    sending.current = true;
    let again: ReturnType<typeof setTimeout> | null = null;
    const version = stored.find(({ entry }) => entry.id === next.id)?.version ?? 0;
    const send = async (): Promise<void> => {
      try {
        if (next.entry) await save({ version, entry: next.entry }).unwrap();
        else if (version > 0) await remove(next.id).unwrap();
        dispatch(outboxActions.settled(next));
      } catch (error) {
        const refusal = refusalOf(error);
        if (!refusal || refusal.status >= 500) {
          again = setTimeout(() => void send(), AGAIN_MS);
          return;
        }
        dispatch(outboxActions.settled(next));
        dispatch(api.util.invalidateTags(['log']));
        const isElsewhere = refusal.status === 409;
        // what is gone already needs not be taken back
        if (refusal.status !== 404 || next.entry)
          toast.error(isElsewhere ? 'That was written on another screen already' : 'It could not be written to the log', {
            description: isElsewhere ? 'What stands there is kept.' : refusal.data.message,
          });
      }
      sending.current = false;
      setSent((n) => n + 1);
    };
    void send();
    return () => {
      if (again !== null) {
        clearTimeout(again);
        sending.current = false;
      }
    };
  }, [next, sent, stored, dispatch, save, remove]);
}
