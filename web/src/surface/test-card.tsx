import { strokesAlong } from '@eveningtide/core/sequence';
import type { Piece, Zone } from '@eveningtide/core/subjects';
import { useMemo, useState } from 'react';
import { sequenceOf } from '../looks/look.js';
import { useHarms } from '../looks/use-harms.js';
import { SelectField } from '../ui/select-field.js';
import { Empty } from '../ui/states.js';
import { useSupplies } from '../workers/outlook-context.js';
import { CardAlong } from './card-along.js';

/** What each step will do on a patch of the piece's own surface, zone by zone. */
export function TestCard({ piece, firstZoneId }: { piece: Piece; firstZoneId: string | null }) {
  const supplies = useSupplies();
  const harms = useHarms(piece.id);
  const [zoneId, setZoneId] = useState(() => firstZoneId ?? mostWorked(piece)?.id ?? '');
  const problem = useMemo(() => sequenceOf(piece, supplies, null), [piece, supplies]);
  const hasZone = piece.zones.some(({ id }) => id === zoneId);
  const planned = useMemo(() => (hasZone ? strokesAlong(problem, zoneId, harms) : null), [problem, zoneId, harms, hasZone]);
  const zones = piece.zones.filter(({ keepClean }) => keepClean === null);
  const field = (
    <SelectField
      label="Zone"
      value={hasZone ? zoneId : (zones[0]?.id ?? '')}
      options={zones.map(({ id, name }) => ({ id, name }))}
      onChange={setZoneId}
    />
  );
  if (planned && planned.strokes.length > 0)
    return <CardAlong key={zoneId} piece={piece} zoneId={zoneId} problem={problem} planned={planned} zoneField={field} />;
  return (
    <div>
      {piece.steps.length > 0 && field}
      <Empty title="Nothing is painted here yet" go={{ to: `/pieces/${piece.id}`, words: 'To the sequence' }}>
        Add steps to the sequence: what each will do is painted here, on a patch of this piece’s own surface.
      </Empty>
    </div>
  );
}

/** The zone that most steps name: there is most to be seen. */
function mostWorked({ zones, steps }: Piece): Zone | undefined {
  const count = ({ id }: Zone): number => steps.filter((step) => step.zones.includes(id) || step.zones.includes('all')).length;
  return zones.filter(({ keepClean, seen }) => keepClean === null && seen !== 'never').toSorted((a, b) => count(b) - count(a))[0];
}
