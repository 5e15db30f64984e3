import { joined, stepsOnlyOn, withoutZones } from '@eveningtide/core/subjects';
import { useRef, useState } from 'react';
import { editorActions } from '../store/editor.js';
import { useAppDispatch } from '../store/store.js';
import { toast } from '../store/toast.js';
import { Button } from '../ui/button.js';
import { SelectField } from '../ui/select-field.js';
import { tried } from './tried.js';
import { UndrawnZone } from './undrawn-zone.js';
import { ZoneChoice, type Shaping } from './zone-choice.js';
import { Views } from './views.js';

const lostWords = (steps: number): string => {
  if (steps === 0) return 'No step is lost.';
  return steps === 1 ? 'One step is done there only, and goes along.' : `${String(steps)} steps are done there only, and go along.`;
};

/** Zones are joined to one, taken away with what is only done on them, or told where nothing draws them. */
export function ZonesMode({ piece, viewId, onView, chosen, onChosen }: Shaping) {
  const dispatch = useAppDispatch();
  const zones = useRef<HTMLFieldSetElement>(null);
  const [into, setInto] = useState<string | null>(null);
  const ticked = piece.zones.filter(({ id }) => chosen.includes(id));
  const target = ticked.find(({ id }) => id === into) ?? ticked[0];
  const names = ticked.map(({ name }) => name).join(', ');
  const { made: left, why } = ticked.length > 0 ? tried(() => withoutZones(piece, chosen)) : { made: null, why: null };
  return (
    <>
      <Views piece={piece} viewId={viewId} onView={onView} chosen={chosen} added={[]} cut={null} onPoint={() => undefined} />
      <ZoneChoice ref={zones} piece={piece} chosen={chosen} onChosen={onChosen} />
      <div className="mt-3 flex flex-wrap items-end gap-2 border-t border-line pt-3">
        <SelectField
          label="They become one, as"
          className="w-64"
          value={target?.id ?? ''}
          disabled={ticked.length < 2}
          options={ticked.length === 0 ? [{ id: '', name: 'tick two or more' }] : ticked}
          onChange={setInto}
        />
        <Button
          disabled={ticked.length < 2 || !target}
          onClick={() => {
            if (!target) return;
            const others = ticked.filter((zone) => zone !== target);
            dispatch(editorActions.reshaped(others.reduce((now, { id }) => joined(now, id, target.id), piece)));
            toast(`${names}: one zone, ${target.name}`);
            onChosen([target.id]);
          }}
        >
          Join them
        </Button>
      </div>
      <div className="mt-3 flex flex-wrap items-center gap-3 border-t border-line pt-3">
        <Button
          disabled={!left}
          onClick={() => {
            if (!left) return;
            dispatch(editorActions.reshaped(left));
            toast(`${names}: taken away`);
            onChosen([]);
            zones.current?.querySelector('input')?.focus();
          }}
        >
          Take them away
        </Button>
        <p role="status" className="text-[0.8125rem] text-ink-2">
          {ticked.length === 0 && 'Tick the zones that are meant.'}
          {why && `Not so: ${why}.`}
          {left && lostWords(stepsOnlyOn(piece, chosen).length)}
        </p>
      </div>
      <UndrawnZone
        piece={piece}
        onAdded={(zoneId) => {
          onChosen([zoneId]);
        }}
      />
    </>
  );
}
