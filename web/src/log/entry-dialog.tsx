import { minutesTaken, type LogEntry } from '@eveningtide/core/log';
import { formatNumber } from '@eveningtide/core/units';
import { LONGEST_TEXT, MOST_MIN } from '@eveningtide/core/limits';
import { useRef, useState } from 'react';
import { useAddPictures } from '../pieces/use-add-pictures.js';
import { useWriteLog } from '../store/log.js';
import { Button } from '../ui/button.js';
import { Check } from '../ui/check.js';
import { Dialog } from '../ui/dialog.js';
import { Field } from '../ui/field.js';
import { MomentField } from '../ui/moment-field.js';
import { NumberField } from '../ui/number-field.js';
import { TextField } from '../ui/text-field.js';

/** An entry put right: minutes, remarks, photographs, and whether anything is learnt from it. */
export function EntryDialog({ entry, onClose }: { entry: LogEntry; onClose: () => void }) {
  const { write } = useWriteLog();
  const [changed, setChanged] = useState(entry);
  const [reason, setReason] = useState(entry.setAside ?? '');
  const [isAside, setAside] = useState(entry.setAside !== null);
  const input = useRef<HTMLInputElement>(null);
  const { add, isAdding } = useAddPictures();
  const set = (patch: Partial<LogEntry>): void => {
    setChanged((now) => ({ ...now, ...patch }));
  };
  const addPictures = async (files: readonly File[]): Promise<void> => {
    await add(files, (picture) => {
      setChanged((now) => ({ ...now, pictures: [...now.pictures, picture] }));
    });
  };
  const needsReason = isAside && reason.trim() === '';
  const byClock = minutesTaken({ ...changed, tookMin: null });
  const endsEarly = changed.endedAt !== null && changed.endedAt < changed.startedAt;
  const isWrong = needsReason || endsEarly;
  return (
    <Dialog title="Change the entry" open onOpenChange={onClose}>
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (isWrong) return;
          write({ ...changed, setAside: isAside ? reason.trim() : null });
          onClose();
        }}
      >
        {entry.kind === 'work' && (
          <div className="grid grid-cols-2 gap-3">
            <MomentField
              label="Began"
              value={changed.startedAt}
              onChange={(moment) => {
                const startedAt = withSeconds(moment);
                if (startedAt !== null) set({ startedAt });
              }}
            />
            <MomentField
              label={changed.endedAt === null ? 'Ended (it goes on)' : 'Ended'}
              value={changed.endedAt}
              error={endsEarly ? 'Allowed: not before it began' : undefined}
              onChange={(endedAt) => {
                set({ endedAt: withSeconds(endedAt) });
              }}
            />
          </div>
        )}
        {entry.kind === 'work' && (
          <NumberField
            label={`Minutes it took${byClock === null ? '' : ` (by the clock ${formatNumber(byClock, 0)})`}`}
            value={changed.tookMin}
            usual={byClock === null ? '' : formatNumber(byClock, 0)}
            min={0}
            max={MOST_MIN}
            onChange={(tookMin) => {
              set({ tookMin });
            }}
          />
        )}
        <Field label="Remark">
          {(ids) => (
            <textarea
              {...ids}
              rows={3}
              maxLength={LONGEST_TEXT}
              className="field"
              value={changed.note}
              onChange={(event) => {
                set({ note: event.target.value });
              }}
            />
          )}
        </Field>
        <fieldset>
          <legend className="text-[0.8125rem] text-ink-2">Photographs</legend>
          <ul className="flex flex-wrap gap-2">
            {changed.pictures.map((picture) => (
              <li key={picture.id} className="w-32">
                <img
                  src={`/api/pictures/${picture.fileName}`}
                  alt={picture.caption || 'Photograph'}
                  className="h-24 w-full border border-line object-cover"
                />
                <input
                  aria-label="What it shows"
                  className="field mt-1"
                  value={picture.caption}
                  onChange={(event) => {
                    set({
                      pictures: changed.pictures.map((one) => (one.id === picture.id ? { ...one, caption: event.target.value } : one)),
                    });
                  }}
                />
                <Button
                  small
                  className="mt-1"
                  onClick={() => {
                    set({ pictures: changed.pictures.filter((one) => one.id !== picture.id) });
                  }}
                >
                  Remove
                </Button>
              </li>
            ))}
          </ul>
          <input
            ref={input}
            type="file"
            accept="image/jpeg,image/png,image/webp"
            multiple
            className="sr-only"
            tabIndex={-1}
            aria-label="Photographs to add to the entry"
            onChange={(event) => {
              void addPictures([...(event.target.files ?? [])]);
              event.target.value = '';
            }}
          />
          <Button className="mt-1" disabled={isAdding} onClick={() => input.current?.click()}>
            Add a photograph
          </Button>
        </fieldset>
        {entry.kind === 'work' && (
          <>
            <Check checked={isAside} onChange={setAside}>
              Set aside: plans learn nothing from it
            </Check>
            {isAside && (
              <TextField
                label="Because"
                value={reason}
                onChange={setReason}
                error={needsReason ? 'Say why, so that it can be judged later' : undefined}
              />
            )}
          </>
        )}
        <div className="flex justify-end gap-2">
          <Button onClick={onClose}>Cancel</Button>
          <Button type="submit" look="ink" disabled={isWrong}>
            Save
          </Button>
        </div>
      </form>
    </Dialog>
  );
}

/** A log knows seconds. */
const withSeconds = (moment: string | null): string | null => (moment?.length === 16 ? `${moment}:00` : moment);
