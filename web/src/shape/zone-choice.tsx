import type { Piece, ViewId } from '@eveningtide/core/subjects';
import type { Ref } from 'react';
import { useShown } from '../ui/shown.js';

/** What each way of changing a shape is given. */
export interface Shaping {
  piece: Piece;
  viewId: ViewId;
  onView: (id: ViewId) => void;
  chosen: readonly string[];
  onChosen: (zoneIds: readonly string[]) => void;
}

/** Which zones are meant: all of the piece, to be ticked. */
export function ZoneChoice({
  piece,
  chosen,
  onChosen,
  ref,
}: Pick<Shaping, 'piece' | 'chosen' | 'onChosen'> & { ref: Ref<HTMLFieldSetElement> }) {
  const shown = useShown();
  return (
    <fieldset ref={ref} className="mt-3">
      <legend className="mb-0.5 text-[0.8125rem] text-ink-2">Zones that are meant</legend>
      <div className="flex flex-wrap gap-1.5">
        {piece.zones.map(({ id, name, areaMm2 }) => {
          const isChosen = chosen.includes(id);
          return (
            <label
              key={id}
              className={`flex min-h-[1.75rem] cursor-pointer items-center gap-1.5 rounded-sm border px-2 text-[0.8125rem] ${isChosen ? 'border-ink bg-field font-semibold' : 'border-line-strong'}`}
            >
              <input
                type="checkbox"
                checked={isChosen}
                onChange={() => {
                  onChosen(isChosen ? chosen.filter((one) => one !== id) : [...chosen, id]);
                }}
              />
              {name} <span className="figures font-normal text-ink-2">{shown.text(areaMm2, 'area')}</span>
            </label>
          );
        })}
      </div>
    </fieldset>
  );
}
