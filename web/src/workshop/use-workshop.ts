import type { Workshop } from '@eveningtide/core/schedule';
import { useCallback, useEffect, useRef, useState } from 'react';
import { refusalOf, useSaveWorkshopMutation, useWorkshopQuery } from '../store/api.js';
import { toast } from '../store/toast.js';
import { eveningsFault } from './evenings-form.js';

const QUIET_MS = 500;
/** After a save that was not answered, or that the server could not do just now. */
const RETRY_MS = 3000;

interface Failure {
  /** It will not be taken as it is. */
  isFinal: boolean;
  draft: Workshop;
  trouble: string | null;
  /** Makes each failure another one, so that it is tried again. */
  tries: number;
}

export interface WorkshopEditor {
  workshop: Workshop | undefined;
  state: 'saved' | 'unsaved' | 'failed' | 'waiting' | 'offline';
  /** What stands in the way, in the server's words; null: it does not answer. */
  trouble: string | null;
  change: (given: Partial<Workshop>) => void;
  isError: boolean;
  retry: () => void;
}

/** The workshop as it is being changed: saved a moment after the last change, evenings only when they make sense. */
export function useWorkshop(): WorkshopEditor {
  const { data, isError, refetch } = useWorkshopQuery();
  const [draft, setDraft] = useState<Workshop | null>(null);
  const [failed, setFailed] = useState<Failure | null>(null);
  const [save] = useSaveWorkshopMutation();
  const sending = useRef(false);
  /** What is stored, as far as this screen knows: what is typed was typed upon it. */
  const base = useRef<Workshop | null>(null);
  useEffect(() => {
    if (!draft && data) base.current = data.workshop;
  }, [draft, data]);
  const isOnlyOlder = useCallback(
    async (version: number): Promise<boolean> => {
      const { data: now } = await refetch();
      return now !== undefined && now.version !== version && JSON.stringify(now.workshop) === JSON.stringify(base.current);
    },
    [refetch],
  );
  const waits = draft !== null && eveningsFault(draft) !== null;

  useEffect(() => {
    // what was refused is tried again when it was changed
    if (!draft || !data || waits || (failed?.isFinal && failed.draft === draft)) return;
    const timer = setTimeout(
      () => {
        if (sending.current) return;
        sending.current = true;
        save({ version: data.version, workshop: draft })
          .unwrap()
          .then((answer) => {
            base.current = answer.workshop;
            setFailed(null);
            setDraft((now) => (now === draft ? null : now));
          })
          .catch(async (error: unknown) => {
            const refusal = refusalOf(error);
            // only the version was old, as where an answer came late: what was typed is saved from the one that is there
            if (refusal?.status === 409 && (await isOnlyOlder(data.version))) return;
            const isFinal = refusal !== null && refusal.status < 500;
            setFailed((before) => ({ isFinal, draft, trouble: refusal?.data.message ?? null, tries: (before?.tries ?? 0) + 1 }));
            if (!isFinal) return;
            if (refusal.status === 409) {
              setDraft(null);
              toast.error('The workshop was changed elsewhere', { description: 'What was saved there is shown now.' });
            } else toast.error('The workshop was not saved', { description: refusal.data.message });
          })
          .finally(() => {
            sending.current = false;
          });
      },
      failed && !failed.isFinal ? RETRY_MS : QUIET_MS,
    );
    return () => {
      clearTimeout(timer);
    };
  }, [draft, data, waits, failed, save, isOnlyOlder]);

  // a change made right before leaving is not lost
  const unsent = useRef<{ version: number; workshop: Workshop } | null>(null);
  useEffect(() => {
    unsent.current = draft && data && !waits ? { version: data.version, workshop: draft } : null;
  }, [draft, data, waits]);
  useEffect(
    () => () => {
      if (unsent.current && !sending.current) void save(unsent.current);
    },
    [save],
  );

  const workshop = draft ?? data?.workshop;
  return {
    workshop,
    state: waits ? 'waiting' : failed && draft ? (failed.isFinal ? 'failed' : 'offline') : draft ? 'unsaved' : 'saved',
    trouble: failed?.trouble ?? null,
    change: (given) => {
      if (workshop) setDraft({ ...workshop, ...given });
    },
    isError,
    retry: () => {
      void refetch();
    },
  };
}
