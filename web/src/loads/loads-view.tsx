import type { Load } from '@eveningtide/core/loads';
import { useLoadsQuery, useSaveLoadMutation } from '../store/api.js';
import { useUsualScale } from '../store/usual-scale.js';
import { SheetList } from '../ui/sheet-list.js';
import { LoadEditor } from './load-editor.js';

/** An open wagon of the harbour line, mm at 1 : 76 (our numbers). */
const NEW: Omit<Load, 'id' | 'scaleRatio'> = {
  ...{ name: 'New load', count: 1, lengthMm: 66, widthMm: 28, depthMm: 14, overMm: 4, profile: 'heap', former: 'foam', coverMm: 3 },
  ...{ grains: [{ id: 'g1', name: 'Coal', matter: 'coal', grainMm: 1.5, parts: 1 }], glueParts: 1, waterParts: 3 },
  ...{ lifts: false, leaks: false, wagonMm: null, wagonG: null, wagonId: null, consist: '', note: '' },
};

/** Loads of wagons, and heaps on the ground: how much of what, how long it dries, what it weighs, how it is built. */
export function LoadsView() {
  const { data, isError, refetch } = useLoadsQuery();
  const scaleRatio = useUsualScale();
  const [save] = useSaveLoadMutation();
  return (
    <SheetList
      title="Loads"
      one="load"
      all="your loads"
      sheets={data?.map((stored) => ({ ...stored.load, stored }))}
      isError={isError}
      refetch={refetch}
      empty="Measure the inside of a wagon, say what goes in: you are told how much of it, how much glue and water, how long it dries, and what the wagon weighs then."
      make={(id) => save({ version: 0, load: { ...NEW, id, scaleRatio } }).unwrap()}
    >
      {({ stored }, added) => <LoadEditor key={stored.load.id} stored={stored} added={added} />}
    </SheetList>
  );
}
