import type { Planting } from '@eveningtide/core/planting';
import { usePlantingsQuery, useSavePlantingMutation } from '../store/api.js';
import { useUsualScale } from '../store/usual-scale.js';
import { SheetList } from '../ui/sheet-list.js';
import { PlantingEditor } from './planting-editor.js';

/** A bank by the line: a little of each (our numbers). */
const NEW: Omit<Planting, 'id' | 'scaleRatio'> = {
  ...{ name: 'New planting', stance: 'base', lengthMm: 200, widthMm: 150, boards: null, pieceId: null, zoneId: null },
  growths: [
    { id: 'l1', name: 'Fine turf', kind: 'turf', sharePct: 60, fibreMm: null, rounds: 2, colour: null },
    { id: 'l2', name: 'Grass', kind: 'grass', sharePct: 30, fibreMm: 4, rounds: 1, colour: null },
  ],
  plants: [{ id: 'p1', name: 'Bushes', plant: 'bush', count: 6, acrossMm: 14, heightMm: 16, inThrees: true }],
  ...{ keepOffs: [], seed: 1, moved: [], note: '' },
};

/** What grows on bases and faces: where, how much of it, how it is laid. */
export function PlantingView() {
  const { data, isError, refetch } = usePlantingsQuery();
  const scaleRatio = useUsualScale();
  const [save] = useSavePlantingMutation();
  return (
    <SheetList
      title="Planting"
      one="planting"
      all="your plantings"
      sheets={data?.map((stored) => ({ ...stored.planting, stored }))}
      isError={isError}
      refetch={refetch}
      empty="Say how large the ground is and what is to grow there: you are told how much turf, grass and glue it takes, and get a plan of where everything stands, to be printed at true size."
      make={(id) => save({ version: 0, planting: { ...NEW, id, scaleRatio } }).unwrap()}
    >
      {({ stored }, added) => <PlantingEditor key={stored.planting.id} stored={stored} added={added} />}
    </SheetList>
  );
}
