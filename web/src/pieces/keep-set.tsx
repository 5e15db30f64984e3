import { LONGEST_NAME, MOST_SETS } from '@eveningtide/core/limits';
import { withSet, zoneSets, type Piece } from '@eveningtide/core/subjects';
import { useRef, useState } from 'react';
import { editorActions } from '../store/editor.js';
import { useAppDispatch } from '../store/store.js';
import { Button } from '../ui/button.js';
import { Field } from '../ui/field.js';

const hasSame = (one: readonly string[], other: readonly string[]): boolean =>
  one.length === other.length && one.every((id) => other.includes(id));

/** Zones that are chosen now, kept as a group under a name, so that they are chosen with one press the next time. */
export function KeepSet({ piece, ids }: { piece: Piece; ids: readonly string[] }) {
  const dispatch = useAppDispatch();
  const [name, setName] = useState<string | null>(null);
  const place = useRef<HTMLDivElement>(null);
  const isFull = piece.zones.some((zone) => ids.includes(zone.id) && zone.sets.length >= MOST_SETS);
  if (ids.length < 2 || isFull || zoneSets(piece).some((set) => hasSame(set.ids, ids))) return null;
  const keep = () => {
    const called = name?.trim().toLowerCase() ?? '';
    if (called === '') return;
    // what is pressed goes away with this: the keys go on at the zones
    place.current?.closest('fieldset')?.querySelector('input')?.focus();
    dispatch(editorActions.patched({ zones: withSet(piece.zones, called, ids) }));
    setName(null);
  };
  if (name === null)
    return (
      <Button
        small
        look="quiet"
        onClick={() => {
          setName('');
        }}
      >
        Keep these as a group …
      </Button>
    );
  return (
    <div ref={place} className="flex basis-full items-end gap-2">
      <Field label="Name of the group" className="w-48">
        {(field) => (
          <input
            {...field}
            className="field"
            autoComplete="off"
            // it was pressed to be named
            autoFocus
            placeholder="weather side"
            maxLength={LONGEST_NAME}
            value={name}
            onChange={(event) => {
              setName(event.target.value);
            }}
            onKeyDown={(event) => {
              if (event.key === 'Enter') keep();
              if (event.key !== 'Enter' && event.key !== 'Escape') return;
              event.preventDefault();
              event.stopPropagation();
              if (event.key === 'Escape') setName(null);
            }}
          />
        )}
      </Field>
      <Button small disabled={name.trim() === ''} onClick={keep}>
        Keep it
      </Button>
    </div>
  );
}
