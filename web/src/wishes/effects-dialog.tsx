import { EFFECTS, chosenWish, suits, zonesFor, type Effect } from '@eveningtide/core/effects';
import type { Piece, Story } from '@eveningtide/core/subjects';
import type { Schools } from '@eveningtide/core/techniques';
import { Plus } from 'lucide-react';
import { useMemo, useState } from 'react';
import { foundBy } from '../find/find.js';
import { Button } from '../ui/button.js';
import { Dialog } from '../ui/dialog.js';
import { WishCard } from '../looks/wish-card.js';

interface EffectsDialogProps {
  piece: Piece;
  story: Story;
  schools: Schools;
  onAdd: (effect: Effect) => void;
  onClose: () => void;
}

/** Every effect that makes sense on the piece, to be looked at, searched and added. */
export function EffectsDialog({ piece, story, schools, onAdd, onClose }: EffectsDialogProps) {
  const [text, setText] = useState('');
  const [added, setAdded] = useState<string[]>([]);
  const found = foundBy(
    text,
    EFFECTS.filter((effect) => suits(effect, piece)),
    ({ name, shows, ways }) => ({ name, text: `${shows} ${ways.map((way) => way.name).join(' ')}` }),
  );
  const zoneName = (id: string): string => piece.zones.find((zone) => zone.id === id)?.name.toLowerCase() ?? id;
  return (
    <Dialog
      title="Add effects"
      note={`What can be seen on ${piece.name}`}
      open
      onOpenChange={(open) => {
        if (!open) onClose();
      }}
    >
      <input
        type="search"
        aria-label="Search the effects"
        placeholder="rust, mud, varnish …"
        className="field mb-2"
        value={text}
        onChange={(event) => {
          setText(event.target.value);
        }}
      />
      <ul className="max-h-[55vh] overflow-y-auto border-y border-line">
        {found.map((effect) => (
          <li
            key={effect.id}
            className="grid grid-cols-[6rem_minmax(0,1fr)_auto] items-start gap-3 border-b border-line py-1.5 last:border-0"
          >
            <EffectCard piece={piece} story={story} schools={schools} effect={effect} />
            <span>
              <b className="font-semibold">{effect.name}</b> <span className="text-ink-2">{effect.shows}</span>
              <span className="block text-[0.8125rem] text-ink-3">
                {effect.ways.map(({ name }) => name.toLowerCase()).join(' · ')}; on {zonesFor(effect, piece).map(zoneName).join(', ')}
              </span>
            </span>
            <Button
              small
              aria-label={`Add ${effect.name}`}
              onClick={() => {
                onAdd(effect);
                setAdded([...added, effect.id]);
              }}
            >
              <Plus size={14} aria-hidden="true" /> {added.includes(effect.id) ? 'Once more' : 'Add'}
            </Button>
          </li>
        ))}
        {found.length === 0 && <li className="py-3 text-ink-2">No effect of that name suits this piece.</li>}
      </ul>
      <div className="mt-3 flex items-center justify-end gap-3">
        <p role="status" className="text-ink-2">
          {added.length > 0 ? `${String(added.length)} added` : ''}
        </p>
        <Button look="ink" onClick={onClose}>
          Done
        </Button>
      </div>
    </Dialog>
  );
}

/** An effect as it would be wished for. */
function EffectCard({ effect, ...on }: Pick<EffectsDialogProps, 'piece' | 'story' | 'schools'> & { effect: Effect }) {
  const wish = useMemo(() => chosenWish(effect, on.piece), [effect, on.piece]);
  return <WishCard place={`effect ${effect.id}`} wish={wish} {...on} />;
}
