import type { Load } from '@eveningtide/core/loads';
import { nanoid } from '@reduxjs/toolkit';
import { Plus } from 'lucide-react';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { useLoadsQuery, usePiecesQuery, useSaveLoadMutation } from '../store/api.js';
import { Button } from '../ui/button.js';
import { notifyFailure } from '../ui/notify.js';
import { Empty, Failed, Loading } from '../ui/states.js';
import { LoadEditor } from './load-editor.js';

/** An open wagon of the harbour line, mm at 1 : 76 (our numbers). */
const NEW: Omit<Load, 'id' | 'scaleRatio'> = {
  ...{ name: 'New load', count: 1, lengthMm: 66, widthMm: 28, depthMm: 14, overMm: 4, profile: 'heap', former: 'foam', coverMm: 3 },
  ...{ grains: [{ id: 'g1', name: 'Coal', matter: 'coal', grainMm: 1.5, parts: 1 }], glueParts: 1, waterParts: 3 },
  ...{ lifts: false, leaks: false, wagonMm: null, wagonG: null, wagonId: null, consist: '', note: '' },
};
const USUAL_SCALE = 76;

/** Loads of wagons, and heaps on the ground: how much of what, how long it dries, what it weighs, how it is built. */
export function LoadsView() {
  const { data, isError, refetch } = useLoadsQuery();
  const { data: pieces } = usePiecesQuery();
  const [save] = useSaveLoadMutation();
  const [search, setSearch] = useSearchParams();
  const [addedId, setAddedId] = useState<string | null>(null);
  if (isError && !data)
    return (
      <Failed
        what="your loads"
        onRetry={() => {
          void refetch();
        }}
      />
    );
  if (!data) return <Loading what="your loads" />;
  const shown = data.find(({ load }) => load.id === search.get('load')) ?? data.at(-1);
  const open = (id: string): void => {
    setSearch({ load: id }, { replace: true });
  };
  const add = async (): Promise<void> => {
    const id = nanoid(12);
    setAddedId(id);
    try {
      await save({ version: 0, load: { ...NEW, id, scaleRatio: pieces?.at(-1)?.piece.scaleRatio ?? USUAL_SCALE } }).unwrap();
      open(id);
    } catch (error) {
      notifyFailure('The load was not made', error);
    }
  };
  const button = (
    <Button look="ink" onClick={() => void add()}>
      <Plus size={16} aria-hidden="true" /> New load
    </Button>
  );
  return (
    <main className="p-4">
      <header className="no-print mb-3 flex flex-wrap items-center justify-between gap-3">
        <h1 className="text-[1.6875rem] leading-8 font-bold">Loads</h1>
        <div className="flex flex-wrap items-center gap-3">
          {data.length > 1 && shown && (
            <select
              aria-label="Load"
              className="field !w-auto"
              value={shown.load.id}
              onChange={(event) => {
                open(event.target.value);
              }}
            >
              {data.map(({ load }) => (
                <option key={load.id} value={load.id}>
                  {load.name}
                </option>
              ))}
            </select>
          )}
          {shown && button}
        </div>
      </header>
      {shown ? (
        <LoadEditor key={shown.load.id} stored={shown} added={shown.load.id === addedId} />
      ) : (
        <Empty title="No load yet">
          <p className="mb-3">
            Measure the inside of a wagon, say what goes in: you are told how much of it, how much glue and water, how long it dries, and
            what the wagon weighs then.
          </p>
          {button}
        </Empty>
      )}
    </main>
  );
}
