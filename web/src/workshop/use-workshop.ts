import type { Workshop } from '@eveningtide/core/schedule';
import { useEffect, useRef, useState } from 'react';
import { toast } from 'sonner';
import { refusalOf, useSaveWorkshopMutation, useWorkshopQuery } from '../store/api.js';
import { eveningsFault } from './evenings-form.js';

const QUIET_MS = 500;

export interface WorkshopEditor {
  workshop: Workshop | undefined;
  state: 'saved' | 'unsaved' | 'failed' | 'waiting';
  change: (given: Partial<Workshop>) => void;
  isError: boolean;
  retry: () => void;
}

/** The workshop as it is being changed: saved a moment after the last change, evenings only when they make sense. */
export function useWorkshop(): WorkshopEditor {
  const { data, isError, refetch } = useWorkshopQuery();
  const [draft, setDraft] = useState<Workshop | null>(null);
  const [failed, setFailed] = useState(false);
  const [save] = useSaveWorkshopMutation();
  const sending = useRef(false);
  const waits = draft !== null && eveningsFault(draft) !== null;

  useEffect(() => {
    if (!draft || !data || waits) return;
    const timer = setTimeout(() => {
      if (sending.current) return;
      sending.current = true;
      save({ version: data.version, workshop: draft })
        .unwrap()
        .then(() => {
          setFailed(false);
          setDraft((now) => (now === draft ? null : now));
        })
        .catch((error: unknown) => {
          const refusal = refusalOf(error);
          setFailed(true);
          if (refusal?.status === 409) {
            setDraft(null);
            toast.error('The workshop was changed elsewhere', { description: 'What was saved there is shown now.' });
          } else toast.error('The workshop was not saved', { description: refusal?.data.message ?? 'The server does not answer.' });
        })
        .finally(() => {
          sending.current = false;
        });
    }, QUIET_MS);
    return () => {
      clearTimeout(timer);
    };
  }, [draft, data, waits, save]);

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
    state: waits ? 'waiting' : failed ? 'failed' : draft ? 'unsaved' : 'saved',
    change: (given) => {
      if (workshop) setDraft({ ...workshop, ...given });
    },
    isError,
    retry: () => {
      void refetch();
    },
  };
}
