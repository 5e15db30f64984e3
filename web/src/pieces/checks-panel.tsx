import type { Check as CheckItem, Piece } from '@eveningtide/core/subjects';
import { LONGEST_NAME } from '@eveningtide/core/limits';
import { nanoid } from '@reduxjs/toolkit';
import { Plus, X } from 'lucide-react';
import { useState } from 'react';
import { editorActions } from '../store/editor.js';
import { useAppDispatch } from '../store/store.js';
import { Button } from '../ui/button.js';
import { Panel } from '../ui/panel.js';

const TITLES: Record<CheckItem['when'], string> = { before: 'Before painting', after: 'When it is done' };

/** Checklists before and after: what is forgotten costs a finish. */
export function ChecksPanel({ piece }: { piece: Piece }) {
  const done = piece.checks.filter((check) => check.done).length;
  return (
    <Panel
      title="Checklists"
      aside={
        <span className="figures text-[0.8125rem] text-ink-2">
          {done} / {piece.checks.length}
        </span>
      }
    >
      {(['before', 'after'] as const).map((when) => (
        <CheckList key={when} piece={piece} when={when} />
      ))}
    </Panel>
  );
}

function CheckList({ piece, when }: { piece: Piece; when: CheckItem['when'] }) {
  const dispatch = useAppDispatch();
  const [text, setText] = useState('');
  const set = (checks: CheckItem[]) => {
    dispatch(editorActions.patched({ checks }));
  };
  const add = () => {
    if (!text.trim()) return;
    set([...piece.checks, { id: nanoid(8), when, text: text.trim(), done: false }]);
    setText('');
  };
  return (
    <fieldset className="mb-2">
      <legend className="text-[0.8125rem] text-ink-2">{TITLES[when]}</legend>
      {piece.checks
        .filter((check) => check.when === when)
        .map((check) => (
          <div key={check.id} className="flex items-start gap-2">
            <label className="flex min-h-7 flex-1 items-center gap-2">
              <input
                type="checkbox"
                className="size-4 shrink-0"
                checked={check.done}
                onChange={(event) => {
                  set(piece.checks.map((one) => (one.id === check.id ? { ...one, done: event.target.checked } : one)));
                }}
              />
              <span className={check.done ? 'text-ink-3 line-through' : ''}>{check.text}</span>
            </label>
            <button
              type="button"
              aria-label={`Take “${check.text}” off the list`}
              className="flex size-7 items-center justify-center"
              onClick={() => {
                set(piece.checks.filter((one) => one.id !== check.id));
              }}
            >
              <X size={15} aria-hidden="true" />
            </button>
          </div>
        ))}
      <form
        className="mt-1 flex gap-1"
        onSubmit={(event) => {
          event.preventDefault();
          add();
        }}
      >
        <input
          aria-label={`Add to: ${TITLES[when].toLowerCase()}`}
          className="field"
          maxLength={LONGEST_NAME}
          value={text}
          onChange={(event) => {
            setText(event.target.value);
          }}
        />
        <Button small type="submit" aria-label="Add to the list">
          <Plus size={15} aria-hidden="true" />
        </Button>
      </form>
    </fieldset>
  );
}
