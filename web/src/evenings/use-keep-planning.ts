import type { Planning } from '@eveningtide/core/schedule';
import { useLazyWorkshopQuery, useSaveWorkshopMutation } from '../store/api.js';
import { notifyFailure, notifyWithUndo } from '../ui/notify.js';

type Change = (now: Planning) => Planning;
type Undo = () => Promise<void>;

/** Writes how evenings are planned; gives the way back. */
export function useWritePlanning(): (change: Change) => Promise<Undo> {
  const [save] = useSaveWorkshopMutation();
  const [fetch] = useLazyWorkshopQuery();
  const write = async (change: Change): Promise<Planning> => {
    const stored = await fetch(undefined, true).unwrap();
    const { planning } = stored.workshop;
    await save({ version: stored.version, workshop: { ...stored.workshop, planning: change(planning) } }).unwrap();
    return planning;
  };
  return async (change) => {
    const before = await write(change);
    return async () => {
      await write(() => before);
    };
  };
}

/** The same, told in a line that can be undone. */
export function useKeepPlanning(): (change: Change, words: string) => Promise<void> {
  const write = useWritePlanning();
  return async (change, words) => {
    try {
      notifyWithUndo(words, await write(change));
    } catch (error) {
      notifyFailure('The plan was not kept', error);
    }
  };
}
