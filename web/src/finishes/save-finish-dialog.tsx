import { finishOf, type Finish } from '@eveningtide/core/finishes';
import type { Piece } from '@eveningtide/core/subjects';
import { nanoid } from '@reduxjs/toolkit';
import { useState, type ReactNode } from 'react';
import { useFinishesQuery, useSaveFinishMutation } from '../store/api.js';
import { toast } from '../store/toast.js';
import { Button } from '../ui/button.js';
import { Dialog } from '../ui/dialog.js';
import { SelectField } from '../ui/select-field.js';
import { TextField } from '../ui/text-field.js';
import { useBenchNow, useSupplies } from '../workers/outlook-context.js';
import { notifyFailure } from '../ui/notify.js';

const NEW = 'new';

/** Keeps the sequence of a piece as a finish: a new one, or the next version of one that is there. */
export function SaveFinishDialog({ piece, onClose, children }: { piece: Piece; onClose: () => void; children?: ReactNode }) {
  const { data: finishes = [] } = useFinishesQuery();
  const supplies = useSupplies();
  const now = useBenchNow();
  const [save, { isLoading }] = useSaveFinishMutation();
  const [into, setInto] = useState<string>(
    piece.finish && finishes.some(({ finish }) => finish.id === piece.finish?.finishId) ? piece.finish.finishId : NEW,
  );
  const [name, setName] = useState(piece.name);
  const [note, setNote] = useState('');
  const stored = finishes.find(({ finish }) => finish.id === into);
  const clashes = into === NEW && finishes.some(({ finish }) => finish.name.trim().toLowerCase() === name.trim().toLowerCase());
  const keep = async () => {
    const version = finishOf(piece, supplies, { version: (stored?.finish.versions.length ?? 0) + 1, savedOn: now.date, note });
    const finish: Finish = stored
      ? { ...stored.finish, versions: [...stored.finish.versions, version] }
      : { id: nanoid(12), name: name.trim(), versions: [version] };
    try {
      await save({ version: stored?.version ?? 0, finish }).unwrap();
      toast(`${finish.name} kept as version ${String(version.version)}`);
      onClose();
    } catch (error) {
      notifyFailure('The finish was not kept', error);
    }
  };
  return (
    <Dialog
      title="Save as a finish"
      note={`The sequence of ${piece.name}, to be used again on other pieces`}
      open
      onOpenChange={(open) => {
        if (!open) onClose();
      }}
    >
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          void keep();
        }}
      >
        {children}
        {finishes.length > 0 && (
          <SelectField
            label="As"
            value={into}
            options={[
              { id: NEW, name: 'a new finish' },
              ...finishes.map(({ finish }) => ({ id: finish.id, name: `version ${String(finish.versions.length + 1)} of ${finish.name}` })),
            ]}
            onChange={setInto}
          />
        )}
        {into === NEW && (
          <TextField
            label="Name of the finish"
            value={name}
            onChange={setName}
            error={clashes ? 'There is a finish of that name: give it another, or make a new version of it' : undefined}
          />
        )}
        <TextField label="What is new in it" value={note} maxLength={400} onChange={setNote} />
        <div className="flex justify-end gap-2">
          <Button onClick={onClose}>Cancel</Button>
          <Button look="ink" type="submit" disabled={isLoading || clashes || (into === NEW && !name.trim()) || piece.steps.length === 0}>
            Save
          </Button>
        </div>
        {piece.steps.length === 0 && <p className="text-ink-2">There is no step to keep yet.</p>}
      </form>
    </Dialog>
  );
}
