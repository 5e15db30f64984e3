import type { Mix } from '@eveningtide/core/mixing';
import { nanoid } from '@reduxjs/toolkit';
import { useDeleteMixMutation, useMixesQuery, useSaveMixMutation } from '../store/api.js';
import { cupActions, type CupState } from '../store/cup.js';
import { useAppDispatch } from '../store/store.js';
import { toast } from '../store/toast.js';
import { notifyFailure, notifyWithUndo } from '../ui/notify.js';
import { Button } from '../ui/button.js';
import { TextField } from '../ui/text-field.js';
import { useBenchNow } from '../workers/outlook-context.js';

/** Keeps what is in the cup: as a recipe, or as a cup that was made, with what really went in. */
export function KeepMix({ cup, totalMl, volumesMl }: { cup: CupState; totalMl: number; volumesMl: readonly number[] }) {
  const dispatch = useAppDispatch();
  const now = useBenchNow();
  const { data: stored = [] } = useMixesQuery();
  const [save, { isLoading }] = useSaveMixMutation();
  const [remove] = useDeleteMixMutation();
  const opened = stored.find(({ mix }) => mix.id === cup.mixId);
  const next = Math.max(0, ...stored.map(({ mix }) => mix.number)) + 1;
  const keep = async (made: boolean, as: typeof opened) => {
    const mix: Mix = {
      ...(as?.mix ?? { id: nanoid(12), number: next, colour: null, changes: [], note: '' }),
      name: cup.name.trim(),
      // what was really counted out, or the recipe as it was told
      components: cup.components.map((component, i) => (made ? { ...component, parts: volumesMl[i] ?? 0 } : component)),
      madeMl: made ? totalMl : (as?.mix.madeMl ?? null),
      madeOn: made ? now.date : (as?.mix.madeOn ?? null),
    };
    try {
      await save({ version: as?.version ?? 0, mix }).unwrap();
      dispatch(cupActions.set({ mixId: mix.id }));
      const words = `${mix.name} kept as mix no. ${String(mix.number)}`;
      if (as) toast(words);
      else
        notifyWithUndo(words, async () => {
          await remove(mix.id).unwrap();
          dispatch(cupActions.set({ mixId: null }));
        });
    } catch (error) {
      notifyFailure('The mix was not kept', error);
    }
  };
  const nameless = cup.name.trim() === '';
  return (
    <div className="mt-3 border-t border-line pt-2">
      <TextField
        label="Name of the mix"
        value={cup.name}
        onChange={(name) => {
          dispatch(cupActions.set({ name }));
        }}
      />
      <div className="mt-2 flex flex-wrap items-center gap-2">
        <Button disabled={nameless || isLoading} onClick={() => void keep(false, undefined)}>
          Keep as recipe no. {next}
        </Button>
        <Button look="ink" disabled={nameless || isLoading} onClick={() => void keep(true, undefined)}>
          It is made: no. {next}
        </Button>
        {opened && (
          <Button disabled={nameless || isLoading} onClick={() => void keep(false, opened)}>
            Change no. {opened.mix.number}
          </Button>
        )}
        {nameless && <span className="text-[0.8125rem] text-ink-2">Give it a name to keep it.</span>}
      </div>
    </div>
  );
}
