import { plainBottle, type Bottle } from '@eveningtide/core/materials';
import { touchedBy } from '@eveningtide/core/plan-file';
import { isWithinReach } from '@eveningtide/core/units';
import { LONGEST_TEXT, MOST_ML } from '@eveningtide/core/limits';
import { nanoid } from '@reduxjs/toolkit';
import { useState } from 'react';
import { Link } from 'react-router';
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
import { Field } from '../ui/field.js';
import { QuantityField } from '../ui/number-field.js';
import { TextField } from '../ui/text-field.js';
import { useSupplies } from '../workers/outlook-context.js';
import { BottleMeasures } from './bottle-measures.js';
import { ROLES, ROLE_NAMES } from './roles.js';
import { toldDeleted, toldFailure } from '../ui/told.js';

/** A bottle nobody has named yet, of the usual size. */
const NEW = plainBottle({ id: '', name: '', material: 'acrylic-matt', colour: '#8b8a88', sizeMl: 17, leftMl: 17 });

/** A bottle, new or known: what is its own. Below stands what a change touches. */
export function BottleDialog({ stored, onClose }: { stored: StoredBottle | null; onClose: () => void }) {
  const supplies = useSupplies();
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
      toldFailure('The bottle was not saved', error);
    }
  };
  const throwAway = async () => {
    try {
      await remove(bottle.id).unwrap();
      onClose();
      toldDeleted(`${bottle.name} deleted`, { kind: 'bottle', id: bottle.id }, restore);
    } catch (error) {
      toldFailure('The bottle stays', error);
    }
  };
  const day = (name: 'openedOn' | 'triedOn', label: string) => (
    <Field label={label} className="col-span-3">
      {(ids) => (
        <input
          {...ids}
          type="date"
          className="field figures"
          value={bottle[name] ?? ''}
          onChange={(event) => {
            set({ [name]: isWithinReach(event.target.value) ? event.target.value : null });
          }}
        />
      )}
    </Field>
  );

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
          error={noName && stored ? 'Allowed: a name of 1–120 characters' : undefined}
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
        <Field
          label="Kind"
          className="col-span-6"
          hint="Drying, sheen and what lifts it come from the kind; make an own material where yours differs."
        >
          {(ids) => (
            <select
              {...ids}
              className="field"
              value={bottle.material}
              onChange={(event) => {
                const material = supplies.material(event.target.value);
                set({ material: material.id, ...(bottle.name.trim() === '' ? { colour: material.colour } : {}) });
              }}
            >
              {ROLES.map((role) => (
                <optgroup key={role} label={ROLE_NAMES[role]}>
                  {supplies.materials
                    .filter((material) => material.role === role)
                    .map((material) => (
                      <option key={material.id} value={material.id}>
                        {material.name}
                      </option>
                    ))}
                </optgroup>
              ))}
            </select>
          )}
        </Field>
        <div className="col-span-3">
          <QuantityField
            label="Holds"
            quantity="volume"
            value={bottle.sizeMl}
            min={0}
            max={MOST_ML}
            onChange={(sizeMl) => {
              set({ sizeMl });
            }}
          />
        </div>
        <div className="col-span-3">
          <QuantityField
            label="Left"
            quantity="volume"
            value={bottle.leftMl}
            min={0}
            max={MOST_ML}
            onChange={(leftMl) => {
              set({ leftMl });
            }}
          />
          {tooMuch && (
            <p role="alert" className="mt-0.5 text-[0.8125rem] font-semibold text-brick">
              More than it holds
            </p>
          )}
        </div>
        {day('openedOn', 'Opened on')}
        {day('triedOn', 'Tried on scrap')}
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
        {stored && (
          <section aria-label="What a change touches" className="col-span-6 border-l-4 border-line-strong bg-paper px-3 py-1.5">
            {touches.length === 0 ? (
              <p className="text-ink-2">No piece uses it.</p>
            ) : (
              <>
                <p>A change is reckoned anew on:</p>
                <ul>
                  {touches.map(({ pieceId, name, steps }) => (
                    <li key={pieceId}>
                      <Link className="underline" to={`/pieces/${pieceId}`}>
                        {name}
                      </Link>
                      , step {steps.join(', ')}
                    </li>
                  ))}
                </ul>
              </>
            )}
          </section>
        )}
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
            Keep
          </Button>
        </div>
      </form>
    </Dialog>
  );
}
