import type { Strip } from '@eveningtide/core/cutting';
import { useSaveStripMutation, useStripsQuery, type StoredStrip } from '../store/api.js';

/** Puts several strips on the shelf as they are now: all of them or, where one is not taken, none. What it answers brings back what was there. */
export function usePutStrips(): (all: readonly Strip[]) => Promise<() => Promise<void>> {
  const { data: shelf = [] } = useStripsQuery();
  const [save] = useSaveStripMutation();
  return async (all) => {
    const before = shelf.filter(({ strip }) => all.some(({ id }) => id === strip.id));
    const put: StoredStrip[] = [];
    const bringBack = async (): Promise<void> => {
      for (const { version, strip } of put) {
        const old = before.find((one) => one.strip.id === strip.id);
        if (old) await save({ version, strip: old.strip }).unwrap();
      }
    };
    try {
      for (const strip of all)
        put.push(await save({ version: before.find((one) => one.strip.id === strip.id)?.version ?? 0, strip }).unwrap());
    } catch (error) {
      await bringBack();
      throw error;
    }
    return bringBack;
  };
}
