import { EFFECTS, suits, zonesFor, type Effect } from '@eveningtide/core/effects';
import type { Piece } from '@eveningtide/core/subjects';
import { Plus } from 'lucide-react';
import { useState } from 'react';
import { foundBy } from '../find/find.js';
import { Button } from '../ui/button.js';
import { Dialog } from '../ui/dialog.js';

/** Every effect that makes sense on the piece, to be searched and added. */
export function EffectsDialog({ piece, onAdd, onClose }: { piece: Piece; onAdd: (effect: Effect) => void; onClose: () => void }) {
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
          <li key={effect.id} className="grid grid-cols-[minmax(0,1fr)_auto] items-center gap-3 border-b border-line py-1.5 last:border-0">
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
