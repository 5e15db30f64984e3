import { applyFinish, newestOf, variedSteps, type Applied, type Finish } from '@eveningtide/core/finishes';
import type { Likeness, Piece } from '@eveningtide/core/subjects';
import { nanoid } from '@reduxjs/toolkit';
import { useMemo, useState } from 'react';
import { usePiecesQuery, useSavePieceMutation, useWorkshopQuery } from '../store/api.js';
import { editorActions } from '../store/editor.js';
import { useAppDispatch, useAppSelector } from '../store/store.js';
import { countWords } from '../ui/words.js';
import { Button } from '../ui/button.js';
import { Check } from '../ui/check.js';
import { Dialog } from '../ui/dialog.js';
import { SelectField } from '../ui/select-field.js';
import { useBenchNow, useSupplies } from '../workers/outlook-context.js';
import { AdaptedList } from './adapted-list.js';
import { notifyFailure, notifyWithUndo } from '../ui/notify.js';

interface Fitted {
  piece: Piece;
  applied: Applied;
}

/** A finish put onto one piece or a set of them: what changes on each is shown before anything is done. */
export function ApplyFinishDialog({ finish, onPieces, onClose }: { finish: Finish; onPieces: readonly string[]; onClose: () => void }) {
  const dispatch = useAppDispatch();
  const { data: stored = [] } = usePiecesQuery();
  const { data: workshop } = useWorkshopQuery();
  const supplies = useSupplies();
  const now = useBenchNow();
  const edited = useAppSelector((state) => state.editor.piece);
  const [savePiece] = useSavePieceMutation();
  const [version, setVersion] = useState(String(newestOf(finish).version));
  const [chosen, setChosen] = useState<string[]>([...onPieces]);
  const [likeness, setLikeness] = useState<Likeness>('alike');
  const [seed] = useState(() => crypto.getRandomValues(new Uint32Array(1))[0] ?? 0);
  const open = stored.filter(({ piece }) => piece.archivedOn === null);
  const what = finish.versions.find((one) => String(one.version) === version) ?? newestOf(finish);

  const fitted = useMemo((): Fitted[] => {
    if (!workshop) return [];
    const { schools, climate, rules } = workshop.workshop;
    const severities = Object.fromEntries(rules.map(({ rule, severity }) => [rule, severity]));
    return stored
      .filter(({ piece }) => chosen.includes(piece.id))
      .map((one) => {
        const piece = edited?.id === one.piece.id ? edited : one.piece;
        const applied = applyFinish(what, piece, { supplies, schools, today: now.date, air: climate.evening, severities });
        const steps = likeness === 'own' && chosen.length > 1 ? variedSteps(applied.steps, piece.id, seed, piece.features) : applied.steps;
        return { piece, applied: { ...applied, steps } };
      });
  }, [workshop, stored, chosen, edited, what, supplies, now.date, likeness, seed]);

  /** Pieces that are not open in the editor are saved at once; what they were before can be brought back. */
  const saved = async (piece: Piece, version: number): Promise<{ version: number } | null> => {
    try {
      return await savePiece({ version, piece }).unwrap();
    } catch (error) {
      notifyFailure(`${piece.name} stays as it was`, error);
      return null;
    }
  };
  const put = async () => {
    const setId = nanoid(10);
    const before: { piece: Piece; version: number }[] = [];
    for (const { piece, applied } of fitted) {
      const given = {
        steps: applied.steps,
        groups: applied.groups,
        finish: { finishId: finish.id, version: what.version, setId },
        likeness,
      };
      if (edited?.id === piece.id) {
        dispatch(editorActions.stepsTaken(given));
        continue;
      }
      const answer = await saved({ ...piece, ...given, waivers: [] }, stored.find((one) => one.piece.id === piece.id)?.version ?? 0);
      if (answer) before.push({ piece, version: answer.version });
    }
    const undo = () => {
      if (fitted.some(({ piece }) => piece.id === edited?.id)) dispatch(editorActions.undone());
      for (const { piece, version: now } of before) void saved(piece, now);
    };
    notifyWithUndo(`${finish.name} is on ${countWords(fitted.length, 'piece')}`, undo);
    onClose();
  };
  const replaced = fitted.filter(({ piece }) => piece.steps.length > 0);
  return (
    <Dialog
      title={`Put “${finish.name}” on`}
      note="It fits itself to each piece; what it does otherwise there is listed below."
      open
      onOpenChange={(isOpen) => {
        if (!isOpen) onClose();
      }}
    >
      <div className="grid gap-3">
        {finish.versions.length > 1 && (
          <SelectField
            label="Version"
            value={version}
            options={[...finish.versions].reverse().map((one) => ({
              id: String(one.version),
              name: `${String(one.version)}, ${one.savedOn}${one.note ? `: ${one.note}` : ''}`,
            }))}
            onChange={setVersion}
          />
        )}
        <fieldset>
          <legend className="text-[0.8125rem] text-ink-2">Pieces</legend>
          {open.map(({ piece }) => (
            <Check
              key={piece.id}
              checked={chosen.includes(piece.id)}
              onChange={(on) => {
                setChosen(on ? [...chosen, piece.id] : chosen.filter((id) => id !== piece.id));
              }}
            >
              {piece.name}
            </Check>
          ))}
        </fieldset>
        {chosen.length > 1 && (
          <SelectField
            label="How alike"
            value={likeness}
            options={[
              { id: 'alike', name: 'all alike' },
              { id: 'own', name: 'each its own: cover, strength and tone differ a little' },
            ]}
            onChange={setLikeness}
          />
        )}
        {fitted.map(({ piece, applied }) => (
          <section key={piece.id} aria-label={`On ${piece.name}`}>
            <h3 className="font-semibold">
              {piece.name}: {countWords(applied.steps.length, 'step')}
            </h3>
            <AdaptedList adapted={applied.adapted} />
          </section>
        ))}
        {replaced.length > 0 && (
          <p className="text-[0.8125rem] text-ink-2">
            It takes the place of the steps that are there:{' '}
            {replaced.map(({ piece }) => `${piece.name} (${countWords(piece.steps.length, 'step')})`).join(', ')}.
          </p>
        )}
        <div className="flex justify-end gap-2">
          <Button onClick={onClose}>Cancel</Button>
          <Button
            look="ink"
            disabled={fitted.length === 0}
            onClick={() => {
              void put();
            }}
          >
            Put it on
          </Button>
        </div>
      </div>
    </Dialog>
  );
}
