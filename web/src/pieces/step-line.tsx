import { formatDilution } from '@eveningtide/core/mixing';
import { stepPaint } from '@eveningtide/core/sequence';
import { lastLaid, readLine, type ReadLine } from '@eveningtide/core/step-line';
import { zoneSets, type Piece, type Step } from '@eveningtide/core/subjects';
import { TECHNIQUES, techniqueById, USUAL_SCHOOLS } from '@eveningtide/core/techniques';
import { nanoid } from '@reduxjs/toolkit';
import { useDeferredValue, useId, useMemo, useState } from 'react';
import { foundBy } from '../find/find.js';
import { useWorkshopQuery } from '../store/api.js';
import { editorActions } from '../store/editor.js';
import { useAppDispatch } from '../store/store.js';
import { Button } from '../ui/button.js';
import { useOnHand } from '../workers/outlook-context.js';
import { LineInput } from './line-input.js';
import { zoneWords } from './zone-words.js';

/** So many words are offered for one that is not understood. */
const PROPOSALS = 3;

/** Steps typed as one says them, one a line; notes that are pasted are read line by line. */
export function StepLine({ piece }: { piece: Piece }) {
  const dispatch = useAppDispatch();
  const { supplies } = useOnHand();
  const { data } = useWorkshopQuery();
  const id = useId();
  const [text, setText] = useState('');
  const [notes, setNotes] = useState<string[]>([]);
  const schools = data?.workshop.schools ?? USUAL_SCHOOLS;
  const read = (line: string, before: Step | null): ReadLine => readLine(line, { piece, supplies, schools, before }, nanoid(10));
  const last = lastLaid(piece.steps);
  const names = useMemo(
    () => [...TECHNIQUES, ...zoneSets(piece), ...piece.zones, ...supplies.bottles, ...supplies.materials].map(({ name }) => name),
    [piece, supplies],
  );
  const now = read(text, last);
  // the words are read as they are typed; what they might have meant is looked for when there is time
  const shown = useDeferredValue(text);
  const add = (steps: readonly Step[]) => {
    dispatch(editorActions.stepsAdded({ at: piece.steps.length, steps }));
  };
  // each note comes after the one before it, as far as that was understood
  const readNotes = notes.map((line, i) => ({
    line,
    ...read(
      line,
      notes.slice(0, i).reduce((before, one) => {
        const { step } = read(one, before);
        return (step && lastLaid([step])) ?? before;
      }, last),
    ),
  }));
  const understood = readNotes.flatMap(({ step }) => (step ? [step] : []));
  return (
    <form
      className="no-print px-4 pt-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (!now.step) return;
        add([now.step]);
        setText('');
      }}
    >
      <label htmlFor={id} className="mb-0.5 block text-[0.8125rem] text-ink-2">
        Or type a step, or paste notes
      </label>
      <div className="flex gap-2">
        <LineInput
          id={id}
          aria-describedby={`${id}-read`}
          placeholder="wash umber 1:4 sides lower 35 %"
          text={text}
          names={names}
          onText={setText}
          onFocus={(event) => {
            // what it is read as stands below it
            event.currentTarget.form?.scrollIntoView({ block: 'nearest' });
          }}
          onPaste={(event) => {
            const lines = event.clipboardData
              .getData('text')
              .split(/[\r\n]+/)
              .map((line) => line.trim())
              .filter((line) => line !== '');
            if (lines.length < 2) return;
            event.preventDefault();
            setNotes(lines);
          }}
        />
        <Button type="submit" disabled={!now.step}>
          Add it
        </Button>
      </div>
      <div id={`${id}-read`} aria-live="polite" className="min-h-6 pt-1 text-[0.8125rem]">
        {shown.trim() !== '' && (
          <Understood piece={piece} read={shown === text ? now : read(shown, last)} text={shown} names={names} onReplace={setText} />
        )}
      </div>
      {notes.length > 0 && (
        <section aria-label="Pasted notes" className="mt-1 border border-line-strong bg-paper px-3 py-2">
          <ol className="divide-y divide-line">
            {readNotes.map(({ line, step, unknown }, i) => (
              <li key={`${String(i)} ${line}`} className="grid grid-cols-[minmax(0,1fr)_auto] items-start gap-2 py-1.5 text-[0.875rem]">
                <span>
                  “{line}”
                  <span className="block text-[0.8125rem]">
                    <Understood
                      piece={piece}
                      read={{ step, unknown }}
                      text={line}
                      names={names}
                      onReplace={(words) => {
                        setNotes(notes.with(i, words));
                      }}
                    />
                  </span>
                </span>
                <Button
                  small
                  aria-label={`Leave out: ${line}`}
                  onClick={() => {
                    setNotes(notes.toSpliced(i, 1));
                  }}
                >
                  Leave out
                </Button>
              </li>
            ))}
          </ol>
          <p className="mt-2 flex flex-wrap items-center gap-2">
            <Button
              disabled={understood.length === 0}
              onClick={() => {
                add(understood);
                // what was not understood stays, to be put right or left out
                setNotes(readNotes.filter(({ step }) => step === null).map(({ line }) => line));
              }}
            >
              Add {understood.length === 1 ? 'one step' : `${String(understood.length)} steps`}
            </Button>
            {understood.length < notes.length && (
              <span className="text-[0.8125rem] text-ink-2">{notes.length - understood.length} not understood; they stay here.</span>
            )}
          </p>
        </section>
      )}
    </form>
  );
}

interface UnderstoodProps {
  piece: Piece;
  read: ReadLine;
  text: string;
  names: readonly string[];
  onReplace: (text: string) => void;
}

/** What a line was read as, and which of its words were not. */
function Understood({ piece, read: { step, unknown }, text, names, onReplace }: UnderstoodProps) {
  const { supplies, mixes } = useOnHand();
  return (
    <>
      {step ? (
        <span className="text-ink-2">
          {[
            techniqueById(step.technique).name,
            stepPaint(step, supplies, mixes)?.name,
            step.dilution === null ? null : formatDilution(step.dilution),
            zoneWords(piece, step),
            step.coverPct === null ? null : `${String(step.coverPct)} %`,
            step.coats > 1 ? `${String(step.coats)} coats` : null,
            step.tool,
            step.handsOnMin === null ? null : `${String(step.handsOnMin)} min`,
          ]
            .filter((part) => part !== null && part !== undefined && part !== '')
            .join(' · ')}
        </span>
      ) : (
        <span className="text-ink-2">Neither a technique nor a material is named in it.</span>
      )}
      {unknown.map(({ fromChar, toChar, words: unread }) => (
        <span key={fromChar} className="block text-brick">
          Not understood: <u className="decoration-wavy">{unread}</u>
          {[...new Set(foundBy(unread, names, (name) => ({ name, text: '' })))].slice(0, PROPOSALS).map((name) => (
            <button
              key={name}
              type="button"
              className="ml-2 min-h-6 text-ink underline"
              onClick={() => {
                onReplace(text.slice(0, fromChar) + name.toLowerCase() + text.slice(toChar));
              }}
            >
              {name.toLowerCase()}?
            </button>
          ))}
        </span>
      ))}
    </>
  );
}
