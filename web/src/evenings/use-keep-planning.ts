import type { Planning } from '@eveningtide/core/schedule';
import { toast } from 'sonner';
import { refusalOf, useLazyWorkshopQuery, useSaveWorkshopMutation } from '../store/api.js';

const LONG_MS = 12_000;

/** Keeps how evenings are planned, with a way back. */
export function useKeepPlanning(): (change: (now: Planning) => Planning, words: string) => Promise<void> {
  const [save] = useSaveWorkshopMutation();
  const [fetch] = useLazyWorkshopQuery();
  const write = async (change: (now: Planning) => Planning): Promise<Planning> => {
    const stored = await fetch(undefined, true).unwrap();
    const { planning } = stored.workshop;
    await save({ version: stored.version, workshop: { ...stored.workshop, planning: change(planning) } }).unwrap();
    return planning;
  };
  const told = async (work: () => Promise<void>): Promise<void> => {
    try {
      await work();
    } catch (error) {
      toast.error('The plan was not kept', { description: refusalOf(error)?.data.message ?? 'The server does not answer.' });
    }
  };
  return (change, words) =>
    told(async () => {
      const before = await write(change);
      toast(words, {
        duration: LONG_MS,
        action: {
          label: 'Undo',
          onClick: () => {
            void told(async () => {
              await write(() => before);
            });
          },
        },
      });
    });
}
