import { plainBottle, type Bottle } from '@eveningtide/core/materials';
import { touchedBy } from '@eveningtide/core/plan-file';
import { LONGEST_NAME, LONGEST_TEXT } from '@eveningtide/core/limits';
import { nanoid } from '@reduxjs/toolkit';
import { useState } from 'react';
import {
  useDeleteBottleMutation,
  usePiecesQuery,
  useRestoreDeletedMutation,
  useSaveBottleMutation,
  type StoredBottle,
} from '../store/api.js';
import { Button } from '../ui/button.js';
import { ColourField } from '../ui/colour-field.js';
import { Dialog } from '../ui/dialog.js';
import { TextField } from '../ui/text-field.js';
import { AmountFields, DayField, KindField, Touched } from './bottle-fields.js';
import { BottleMeasures } from './bottle-measures.js';
import { notifyDeleted, notifyFailure } from '../ui/notify.js';

/** A bottle nobody has named yet, of the usual size. */
const NEW = plainBottle({ id: '', name: '', material: 'acrylic-matt', colour: '#8b8a88', sizeMl: 17, leftMl: 17 });

/** A bottle, new or known: what is its own. Below stands what a change touches. */
export function BottleDialog({ stored, onClose }: { stored: StoredBottle | null; onClose: () => void }) {
  const { data: pieces } = usePiecesQuery();
  const [bottle, setBottle] = useState<Bottle>(() => stored?.bottle ?? { ...NEW, id: nanoid(12) });
  const [save, { isLoading }] = useSaveBottleMutation();
  const [remove] = useDeleteBottleMutation();
  const set = (given: Partial<Bottle>) => {
    setBottle({ ...bottle, ...given });
  };
  const [restore] = useRestoreDeletedMutation();
  const tooMuch = bottle.sizeMl !== null && bottle.leftMl !== null && bottle.leftMl > bottle.sizeMl;
  const noName = bottle.name.trim() === '';
  const touches = touchedBy(pieces?.map(({ piece }) => piece) ?? [], { bottleId: bottle.id });

  const keep = async () => {
    try {
      await save({ version: stored?.version ?? 0, bottle: { ...bottle, name: bottle.name.trim() } }).unwrap();
      onClose();
    } catch (error) {
      notifyFailure('The bottle was not saved', error);
    }
  };
  const throwAway = async () => {
    try {
      await remove(bottle.id).unwrap();
      onClose();
      notifyDeleted(`${bottle.name} deleted`, { kind: 'bottle', id: bottle.id }, restore);
    } catch (error) {
      notifyFailure('The bottle stays', error);
    }
  };
  return (
    <Dialog
      title={stored ? stored.bottle.name : 'A bottle for the shelf'}
      open
      onOpenChange={(open) => {
        if (!open) onClose();
      }}
    >
      <form
        className="grid grid-cols-6 gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (!noName && !tooMuch) void keep();
        }}
      >
        <TextField
          label="Name"
          className="col-span-4"
          value={bottle.name}
          error={noName && stored ? `Allowed: a name of 1–${String(LONGEST_NAME)} characters` : undefined}
          onChange={(name) => {
            set({ name });
          }}
        />
        <ColourField
          label="Colour"
          className="col-span-2"
          value={bottle.colour}
          onChange={(colour) => {
            set({ colour: colour });
          }}
        />
        <KindField
          value={bottle.material}
          onChange={(material) => {
            set({ material: material.id, ...(noName ? { colour: material.colour } : {}) });
          }}
        />
        <AmountFields bottle={bottle} tooMuch={tooMuch} onChange={set} />
        <DayField
          label="Opened on"
          value={bottle.openedOn}
          onChange={(openedOn) => {
            set({ openedOn });
          }}
        />
        <DayField
          label="Tried on scrap"
          value={bottle.triedOn}
          onChange={(triedOn) => {
            set({ triedOn });
          }}
        />
        <TextField
          label="Where it stands"
          className="col-span-6"
          value={bottle.place}
          onChange={(place) => {
            set({ place });
          }}
        />
        <TextField
          label="Note"
          className="col-span-6"
          maxLength={LONGEST_TEXT}
          value={bottle.note}
          onChange={(note) => {
            set({ note });
          }}
        />
        <BottleMeasures bottle={bottle} onChange={set} />
        {stored && <Touched touches={touches} />}
        <div className="col-span-6 flex gap-2">
          {stored && (
            <Button
              onClick={() => {
                void throwAway();
              }}
            >
              Take it off the shelf
            </Button>
          )}
          <span className="flex-1" />
          <Button onClick={onClose}>Cancel</Button>
          <Button look="ink" type="submit" disabled={noName || tooMuch || isLoading}>
            Save
          </Button>
        </div>
      </form>
    </Dialog>
  );
}
