import { LONGEST_NAME, MOST_ZONES } from '@eveningtide/core/limits';
import { withUndrawnZone, type Piece } from '@eveningtide/core/subjects';
import { nanoid } from '@reduxjs/toolkit';
import { useState } from 'react';
import { editorActions } from '../store/editor.js';
import { useAppDispatch } from '../store/store.js';
import { toast } from '../store/toast.js';
import { Button } from '../ui/button.js';
import { QuantityField } from '../ui/number-field.js';
import { TextField } from '../ui/text-field.js';
import { tried } from './tried.js';

const LARGEST_MM2 = 1_000_000;

/** A zone that no view shows is told by its name and its surface. */
export function UndrawnZone({ piece, onAdded }: { piece: Piece; onAdded: (zoneId: string) => void }) {
  const dispatch = useAppDispatch();
  const [name, setName] = useState('');
  const [areaMm2, setArea] = useState<number | null>(null);
  const [id, setId] = useState(() => nanoid(8));
  const called = name.trim();
  const { made } = called === '' || areaMm2 === null ? { made: null } : tried(() => withUndrawnZone(piece, { id, name: called, areaMm2 }));
  const isFull = piece.zones.length >= MOST_ZONES;
  return (
    <fieldset className="mt-3 flex flex-wrap items-end gap-2 border-t border-line pt-3">
      <legend className="float-left mb-1 w-full text-[0.8125rem] text-ink-2">
        A zone that no drawing shows: chains, a ladder, the inside of a cab
      </legend>
      <TextField label="It is called" className="w-56" value={name} maxLength={LONGEST_NAME} onChange={setName} />
      <div className="w-40">
        <QuantityField
          // what was added is not offered again
          key={piece.zones.length}
          label="Its surface"
          quantity="area"
          value={areaMm2}
          min={1}
          max={LARGEST_MM2}
          onChange={setArea}
        />
      </div>
      <Button
        disabled={made === null || isFull}
        onClick={() => {
          if (!made) return;
          dispatch(editorActions.reshaped(made));
          toast(`${called} is a zone of its own`);
          onAdded(id);
          setName('');
          setId(nanoid(8));
          setArea(null);
        }}
      >
        Add it
      </Button>
      {isFull && <p className="text-[0.8125rem]">A piece has at most {MOST_ZONES} zones.</p>}
    </fieldset>
  );
}
