import { CAUTIONS_SHORT, DEFER } from '@eveningtide/core/materials';
import { BUD_LIQUIDS, OLD_AGES, OLD_LAYERS, alreadyOnIt, budFinds, type OldAge } from '@eveningtide/core/records';
import { nanoid } from '@reduxjs/toolkit';
import { useState } from 'react';
import { useSavePieceMutation, type StoredPiece } from '../store/api.js';
import { editorActions } from '../store/editor.js';
import { useWriteLog } from '../store/log.js';
import { useAppDispatch, useAppSelector } from '../store/store.js';
import { Button } from '../ui/button.js';
import { Check } from '../ui/check.js';
import { Dialog } from '../ui/dialog.js';
import { notifyFailure, notifyWithUndo } from '../ui/notify.js';
import { SelectField } from '../ui/select-field.js';
import { solventWords } from '../ui/words.js';
import { usePlan } from '../workers/outlook-context.js';

/** What a bud finds, in words: what takes it, and what leaves it alone before. */
function budWords(found: ReturnType<typeof budFinds>): string {
  if (found === 'dry') return 'A dry finger takes it.';
  const names = BUD_LIQUIDS.map(solventWords);
  const none = (found === null ? names : names.slice(0, BUD_LIQUIDS.indexOf(found))).join(' or ');
  if (found === null) return `A bud with ${none} takes nothing.`;
  return `A bud with ${solventWords(found)} takes it${none === '' ? '' : `, with ${none} it does not`}.`;
}

/** What a finished piece brings along, known by its looks: it becomes steps that are done, below all that is to come. */
export function AlreadyOnItDialog({ stored: { piece, version }, onClose }: { stored: StoredPiece; onClose: () => void }) {
  const dispatch = useAppDispatch();
  const { given } = usePlan();
  const { write, takeBack } = useWriteLog();
  const [save] = useSavePieceMutation();
  const isOpen = useAppSelector((state) => state.editor.piece?.id === piece.id);
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const [age, setAge] = useState<OldAge>('long');
  const ageDays = OLD_AGES.find(({ id }) => id === age)?.days ?? 0;

  const put = async (): Promise<void> => {
    if (!given) return;
    const { workshop, shelf, originDate } = given;
    const { steps, entries, waivers } = alreadyOnIt(piece, chosen, { age, ids: () => nanoid(12), workshop, shelf, originDate });
    let back: () => unknown;
    try {
      if (isOpen) {
        dispatch(editorActions.stepsAdded({ at: 0, steps, waivers }));
        back = () => dispatch(editorActions.stepsRemoved(steps.map(({ id }) => id)));
      } else {
        const after = { ...piece, steps: [...steps, ...piece.steps], waivers: [...piece.waivers, ...waivers] };
        const stored = await save({ version, piece: after }).unwrap();
        back = () => save({ version: stored.version, piece }).unwrap();
      }
    } catch (error) {
      notifyFailure('What is on the piece was not kept', error);
      return;
    }
    entries.forEach(write);
    notifyWithUndo(`${piece.name} has it below its steps, as done`, () => {
      entries.forEach(({ id }) => {
        takeBack(id);
      });
      return back();
    });
    onClose();
  };

  return (
    <Dialog
      title={`What is on ${piece.name} already`}
      note="Look at it from the side, then rub a damp cotton bud over a place that nobody sees: water first, white spirit next, alcohol last. Stop at the first that colours the bud."
      wide
      open
      onOpenChange={(open) => {
        if (!open) onClose();
      }}
    >
      <form
        onSubmit={(event) => {
          event.preventDefault();
          void put();
        }}
      >
        <ul className="divide-y divide-line border-y border-line">
          {OLD_LAYERS.map(({ id, name, looks, ...layer }) => (
            <li key={id} className="py-1.5">
              <Check
                checked={chosen.includes(id)}
                onChange={(on) => {
                  setChosen(on ? [...chosen, id] : chosen.filter((one) => one !== id));
                }}
              >
                <span className="font-semibold">{name}</span>
                <span className="block text-[0.8125rem] text-ink-2">
                  {looks} {layer.isDelicate ? 'Do not rub it.' : budWords(budFinds(layer, ageDays))}
                </span>
              </Check>
            </li>
          ))}
        </ul>
        <p className="mt-2 text-[0.8125rem] text-ink-2">
          {CAUTIONS_SHORT['flammable-vapour']}. {DEFER}
        </p>
        <div className="mt-3 flex flex-wrap items-end justify-between gap-3">
          <SelectField label="It was done" className="w-44" value={age} options={OLD_AGES} onChange={setAge} />
          <div className="flex gap-2">
            <Button onClick={onClose}>Cancel</Button>
            <Button look="ink" type="submit" disabled={chosen.length === 0 || !given}>
              Put it below the steps
            </Button>
          </div>
        </div>
      </form>
    </Dialog>
  );
}
