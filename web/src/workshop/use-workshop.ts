import type { Workshop } from '@eveningtide/core/schedule';
import { useSaveWorkshopMutation, useWorkshopQuery } from '../store/api.js';
import { useDraft, type Draft } from '../ui/use-draft.js';
import { eveningsFault } from './evenings-form.js';

export interface WorkshopEditor extends Omit<Draft<Workshop>, 'thing' | 'undo'> {
  workshop: Workshop | undefined;
  isError: boolean;
  retry: () => void;
}

/** The workshop as it is being changed: saved a moment after the last change, evenings only when they make sense. */
export function useWorkshop(): WorkshopEditor {
  const { data, isError, refetch } = useWorkshopQuery();
  const [save] = useSaveWorkshopMutation();
  const { thing, state, trouble, change } = useDraft<Workshop>({
    kept: data && { version: data.version, thing: data.workshop },
    save: async ({ version, thing: workshop }) => {
      const answer = await save({ version, workshop }).unwrap();
      return { version: answer.version, thing: answer.workshop };
    },
    readAgain: async () => {
      const { data: now } = await refetch();
      return now && { version: now.version, thing: now.workshop };
    },
    called: 'The workshop',
    waits: (workshop) => eveningsFault(workshop) !== null,
  });
  return {
    ...{ workshop: thing, state, trouble, change, isError },
    retry: () => {
      void refetch();
    },
  };
}
