import type { Load } from '@eveningtide/core/loads';
import { LONGEST_STRIP_MM, MOST_WAGON_G } from '@eveningtide/core/limits';
import { carryingZones, type Seen } from '@eveningtide/core/subjects';
import { usePiecesQuery, type StoredPiece } from '../store/api.js';
import { useChangePiece } from '../store/change-piece.js';
import { toast } from '../store/toast.js';
import { Button } from '../ui/button.js';
import { notifyFailure } from '../ui/notify.js';
import { NumberField } from '../ui/number-field.js';
import { SelectField } from '../ui/select-field.js';

/** Stands for no wagon: the load is loose, for several. */
const LOOSE = '';

interface WagonFieldsProps {
  load: Load;
  onChange: (given: Partial<Load>) => void;
}

/** The wagon a load is for: a piece, or its measures alone. */
export function WagonFields({ load, onChange }: WagonFieldsProps) {
  const { data: pieces = [] } = usePiecesQuery();
  const carriers = pieces.filter(({ piece }) => piece.archivedOn === null && carryingZones(piece).length > 0);
  const wagon = carriers.find(({ piece }) => piece.id === load.wagonId);
  return (
    <>
      <SelectField
        label="Its wagon"
        value={wagon?.piece.id ?? LOOSE}
        options={[{ id: LOOSE, name: 'loose, for any' }, ...carriers.map(({ piece: { id, name } }) => ({ id, name }))]}
        onChange={(id) => {
          const chosen = carriers.find(({ piece }) => piece.id === id)?.piece;
          const own = chosen ? { scaleRatio: chosen.scaleRatio, wagonMm: chosen.sizeMm?.lengthMm ?? load.wagonMm } : {};
          onChange({ wagonId: chosen?.id ?? null, ...own });
        }}
      />
      <NumberField
        // measures of a wagon that was chosen stand at once
        key={`length ${load.wagonId ?? ''}`}
        label="Wagon over its body (mm)"
        value={load.wagonMm}
        min={1}
        max={LONGEST_STRIP_MM}
        onChange={(wagonMm) => {
          onChange({ wagonMm });
        }}
      />
      <NumberField
        label="Wagon empty (g)"
        value={load.wagonG}
        min={0.1}
        max={MOST_WAGON_G}
        onChange={(wagonG) => {
          onChange({ wagonG });
        }}
      />
      {wagon && <Hidden load={load} stored={wagon} />}
    </>
  );
}

/** What of its wagon a load hides: no work where it is never seen. */
function Hidden({ load, stored }: { load: Load; stored: StoredPiece }) {
  const { piece, change } = useChangePiece(stored);
  const under = carryingZones(piece);
  const names = under.map(({ name }) => name.toLowerCase()).join(', ');
  const isHidden = under.every(({ seen }) => seen === 'never');
  const see = async (seen: Seen): Promise<void> => {
    try {
      await change({ zones: piece.zones.map((zone) => (under.includes(zone) ? { ...zone, seen } : zone)) });
      toast(`The ${names} of ${piece.name}: ${seen === 'never' ? 'never seen, no work' : 'seen again'}`);
    } catch (error) {
      notifyFailure(`${piece.name} stays as it was`, error);
    }
  };
  return (
    <p className="!col-span-6 flex flex-wrap items-center gap-3 text-[0.8125rem]">
      {isHidden
        ? `Of ${piece.name}, the ${names} is never seen under it: no work there.`
        : `It hides the ${names} of ${piece.name}${load.lifts ? ', as long as it lies in it' : ''}.`}
      <Button small onClick={() => void see(isHidden ? 'yes' : 'never')}>
        {isHidden ? 'It is seen after all' : 'No work where it is never seen'}
      </Button>
    </p>
  );
}
