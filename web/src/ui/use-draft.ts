import { useCallback, useEffect, useRef, useState } from 'react';
import { refusalOf } from '../store/api.js';
import { toast } from '../store/toast.js';

const QUIET_MS = 500;
/** After a save that was not answered, or that the server could not do just now. */
const RETRY_MS = 3000;
/** Changes that follow each other so soon are taken back together. */
const TOGETHER_MS = 1000;
const MOST_PAST = 100;

export interface Kept<T> {
  version: number;
  thing: T;
}

export interface DraftOf<T> {
  /** As it is stored, as far as this screen knows; undefined until it is known. */
  kept: Kept<T> | undefined;
  save: (sent: Kept<T>) => Promise<Kept<T>>;
  /** Reads it once more. */
  readAgain: () => Promise<Kept<T> | undefined>;
  /** What messages call it. */
  called: string;
  /** It is not sent as it stands: something is still being typed. */
  waits?: (thing: T) => boolean;
}

interface Failure<T> {
  /** It will not be taken as it is. */
  isFinal: boolean;
  draft: T;
  trouble: string | null;
  /** Makes each failure another one, so that it is tried again. */
  tries: number;
}

export interface Draft<T> {
  thing: T | undefined;
  state: 'saved' | 'unsaved' | 'failed' | 'waiting' | 'offline';
  /** What stands in the way, in the server's words; null: it does not answer. */
  trouble: string | null;
  /** What is final, as it changed something else as well, is not taken back with the changes before it. */
  change: (given: Partial<T>, how?: { isFinal?: boolean }) => void;
  /** Null: there is nothing to take back. */
  undo: (() => void) | null;
}

/**
 * One kept thing as it is being changed: shown at once, saved a moment after the last change and again until it is taken; each change can be taken back. What was typed
 * gives way only where what is stored really was changed elsewhere. What is handed in may be other functions each time.
 */
export function useDraft<T extends object>({ kept, save, readAgain, called, waits }: DraftOf<T>): Draft<T> {
  const [draft, setDraft] = useState<T | null>(null);
  const [past, setPast] = useState<readonly T[]>([]);
  const [failed, setFailed] = useState<Failure<T> | null>(null);
  const changedAt = useRef(0);
  const sending = useRef(false);
  /** What is stored, as far as this screen knows: what is typed was typed upon it. */
  const base = useRef<T | null>(null);
  const asks = useRef({ save, readAgain });
  const unsent = useRef<Kept<T> | null>(null);
  const isWaiting = draft !== null && waits?.(draft) === true;
  useEffect(() => {
    asks.current = { save, readAgain };
    if (!draft && kept) base.current = kept.thing;
    unsent.current = draft && kept && !isWaiting ? { version: kept.version, thing: draft } : null;
  });

  const isOnlyOlder = useCallback(async (version: number): Promise<boolean> => {
    const now = await asks.current.readAgain();
    return now !== undefined && now.version !== version && JSON.stringify(now.thing) === JSON.stringify(base.current);
  }, []);

  const version = kept?.version;
  useEffect(() => {
    // what was refused is tried again when it was changed
    if (!draft || version === undefined || isWaiting || (failed?.isFinal && failed.draft === draft)) return;
    const send = async (): Promise<void> => {
      if (sending.current) return;
      sending.current = true;
      try {
        const answer = await asks.current.save({ version, thing: draft });
        base.current = answer.thing;
        setFailed(null);
        setDraft((now) => (now === draft ? null : now));
      } catch (error) {
        const refusal = refusalOf(error);
        // only the version was old, as where an answer came late: what was typed is saved from the one that is there
        if (refusal?.status === 409 && (await isOnlyOlder(version))) return;
        const isFinal = refusal !== null && refusal.status < 500;
        setFailed((before) => ({ isFinal, draft, trouble: refusal?.data.message ?? null, tries: (before?.tries ?? 0) + 1 }));
        if (!isFinal) return;
        if (refusal.status === 409) {
          setDraft(null);
          toast.error(`${called} was changed elsewhere`, { description: 'What was saved there is shown now.' });
        } else toast.error(`${called} was not saved`, { description: refusal.data.message });
      } finally {
        sending.current = false;
      }
    };
    const timer = setTimeout(() => void send(), failed && !failed.isFinal ? RETRY_MS : QUIET_MS);
    return () => {
      clearTimeout(timer);
    };
  }, [draft, version, isWaiting, failed, called, isOnlyOlder]);

  // a change made right before leaving is not lost
  useEffect(
    () => () => {
      if (unsent.current && !sending.current) void asks.current.save(unsent.current).catch(() => undefined);
    },
    [],
  );

  const thing = draft ?? kept?.thing;
  return {
    thing,
    state: isWaiting ? 'waiting' : failed && draft ? (failed.isFinal ? 'failed' : 'offline') : draft ? 'unsaved' : 'saved',
    trouble: failed?.trouble ?? null,
    change: (given, { isFinal = false } = {}) => {
      if (!thing) return;
      const now = Date.now();
      if (isFinal) setPast([]);
      else if (now - changedAt.current > TOGETHER_MS) setPast((list) => [...list, thing].slice(-MOST_PAST));
      changedAt.current = isFinal ? 0 : now;
      setDraft({ ...thing, ...given });
    },
    undo:
      past.length === 0
        ? null
        : () => {
            changedAt.current = 0;
            setDraft(past.at(-1) ?? null);
            setPast(past.slice(0, -1));
          },
  };
}

/** How a draft stands, in words. */
export const DRAFT_WORDS = {
  saved: 'All saved',
  unsaved: 'Saving …',
  waiting: 'Not saved yet',
  offline: 'Not saved: the server does not answer',
  failed: 'Not saved',
} as const;
