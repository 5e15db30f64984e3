import { MOST_ALIKE, MOST_ZONES } from '@eveningtide/core/limits';
import { cutOff, type Zone } from '@eveningtide/core/subjects';
import { nanoid } from '@reduxjs/toolkit';
import { useRef, useState } from 'react';
import { editorActions } from '../store/editor.js';
import { useAppDispatch } from '../store/store.js';
import { toast } from '../store/toast.js';
import { Button } from '../ui/button.js';
import { SureNumberField } from '../ui/number-field.js';
import { useShown } from '../ui/shown.js';
import { TextField } from '../ui/text-field.js';
import { CutFields } from './cut-fields.js';
import { cutOf, waysOn, withPoint, type DrawnCut } from './drawn-cut.js';
import { ZoneChoice, type Shaping } from './zone-choice.js';
import { tried } from './tried.js';
import { Views, viewOf } from './views.js';

/** A zone is cut: what lies within the cut becomes a zone of its own, shown before it is done. */
export function CutMode({ piece, viewId, onView, chosen, onChosen }: Shaping) {
  const dispatch = useAppDispatch();
  const zones = useRef<HTMLFieldSetElement>(null);
  const [drawn, setDrawn] = useState<DrawnCut>({ way: 'level', view: viewId, points: [] });
  const [id, setId] = useState(() => nanoid(8));
  const [typed, setTyped] = useState('');
  const [count, setCount] = useState(1);
  const view = viewOf(piece, viewId);
  if (!view) return null;
  const first = piece.zones.find((zone) => zone.id === chosen[0]);
  const name = typed.trim() === '' ? `${first?.name ?? 'Zone'}, part` : typed.trim();
  const ways = waysOn(view.id);
  const cut = { ...drawn, way: ways.includes(drawn.way) ? drawn.way : (ways[0] ?? drawn.way), view: view.id };
  const asked = cutOf(cut);
  // neither while it is not drawn yet
  const { made, why } =
    asked && chosen.length > 0 ? tried(() => cutOff(piece, chosen, asked, { id, name, count })) : { made: null, why: null };
  const added = made?.zones.find((zone) => zone.id === id);
  const ofMm2 = piece.zones.filter((zone) => chosen.includes(zone.id)).reduce((sum, { areaMm2 }) => sum + areaMm2, 0);
  const isFull = piece.zones.length >= MOST_ZONES;
  const apply = (): void => {
    if (!made) return;
    dispatch(editorActions.reshaped(made));
    toast(`${name} is a zone of its own`);
    onChosen([id]);
    setId(nanoid(8));
    setTyped('');
    setCount(1);
    setDrawn({ ...drawn, points: [] });
    // the button has nothing to cut now: the keys go to what can be cut next
    zones.current?.querySelector('input')?.focus();
  };
  return (
    <>
      <Views
        piece={made ?? piece}
        viewId={viewId}
        onView={(next) => {
          onView(next);
          setDrawn({ ...drawn, points: [] });
        }}
        chosen={chosen}
        added={added ? [id] : []}
        cut={cut}
        onPoint={(point) => {
          setDrawn(withPoint(cut, point));
        }}
      />
      <ZoneChoice ref={zones} piece={piece} chosen={chosen} onChosen={onChosen} />
      <CutFields cut={cut} view={view} onChange={setDrawn} />
      <Status made={added ?? null} ofMm2={ofMm2} why={why} isFull={isFull} isNoneChosen={chosen.length === 0} />
      <div className="mt-1 flex flex-wrap items-end gap-2">
        <TextField label="The new zone is called" className="w-64" value={typed} onChange={setTyped} />
        <SureNumberField label="Things alike in it" className="w-36" whole min={1} max={MOST_ALIKE} value={count} onChange={setCount} />
        <Button look="ink" disabled={!added || isFull} onClick={apply}>
          Cut it off
        </Button>
      </div>
    </>
  );
}

interface StatusProps {
  made: Zone | null;
  /** All that is ticked. */
  ofMm2: number;
  why: string | null;
  isFull: boolean;
  isNoneChosen: boolean;
}

/** What the cut would give, or what stands in its way. */
function Status({ made, ofMm2, why, isFull, isNoneChosen }: StatusProps) {
  const shown = useShown();
  return (
    <p role="status" className={`mt-1 min-h-6 ${why ? 'font-semibold' : ''}`}>
      {isFull && `A piece has at most ${String(MOST_ZONES)} zones.`}
      {isNoneChosen && 'Tick the zones that are cut.'}
      {why && `Not so: ${why}.`}
      {made && ofMm2 > 0 && `${shown.text(made.areaMm2, 'area')}, ${((made.areaMm2 / ofMm2) * 100).toFixed(0)} % of what is ticked.`}
    </p>
  );
}
