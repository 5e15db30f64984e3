import { onItsOwn, type Piece, type Step } from '@eveningtide/core/subjects';
import { nanoid } from '@reduxjs/toolkit';
import { Popover } from 'radix-ui';
import { editorActions } from '../store/editor.js';
import { useAppDispatch } from '../store/store.js';
import { Button } from '../ui/button.js';
import { notifyWithUndo } from '../ui/notify.js';
import { countWords } from '../ui/words.js';
import { ZonesField } from './zones-field.js';

interface SeveralBarProps {
  piece: Piece;
  /** In their order. */
  chosen: readonly Step[];
  onChoose: (ids: readonly string[]) => void;
  onDone: () => void;
}

/** What is done to several steps at once. */
export function SeveralBar({ piece, chosen, onChoose, onDone }: SeveralBarProps) {
  const dispatch = useAppDispatch();
  const ids = chosen.map(({ id }) => id);
  const first = chosen[0];
  const none = first === undefined;
  const move = (by: -1 | 1) => () => {
    dispatch(editorActions.stepsMoved({ ids, by }));
  };
  const copy = () => {
    const steps = chosen.map((step) => onItsOwn(step, nanoid(10)));
    dispatch(editorActions.stepsAdded({ steps, at: piece.steps.findIndex(({ id }) => id === ids.at(-1)) + 1 }));
    onChoose(steps.map(({ id }) => id));
  };
  const remove = () => {
    const gone = piece.steps.flatMap((step, at) => (ids.includes(step.id) ? [{ step, at }] : []));
    dispatch(editorActions.stepsRemoved(ids));
    onDone();
    notifyWithUndo(`${countWords(gone.length, 'step')} removed`, () =>
      dispatch(editorActions.stepsPutBack({ pieceId: piece.id, steps: gone })),
    );
  };
  const isGrouped = chosen.some(({ groupId }) => groupId !== null);
  return (
    <div
      role="toolbar"
      aria-label="Chosen steps"
      className="no-print sticky top-0 z-10 flex flex-wrap items-center gap-2 border-b border-line-strong bg-paper px-3 py-1.5"
    >
      <span className="mr-1 font-semibold" aria-live="polite">
        {none ? 'Tick the steps' : `${countWords(chosen.length, 'step')} chosen`}
      </span>
      <Popover.Root>
        <Popover.Trigger asChild>
          <Button small disabled={none}>
            Zones …
          </Button>
        </Popover.Trigger>
        <Popover.Portal>
          <Popover.Content align="start" sideOffset={2} className="z-30 max-w-md rounded-sm border border-line-strong bg-paper p-3">
            {first && (
              <ZonesField
                piece={piece}
                step={first}
                onChange={(zones) => {
                  dispatch(editorActions.stepsPatched({ ids, patch: { zones } }));
                }}
              />
            )}
          </Popover.Content>
        </Popover.Portal>
      </Popover.Root>
      <Button small disabled={none} onClick={move(-1)}>
        Up
      </Button>
      <Button small disabled={none} onClick={move(1)}>
        Down
      </Button>
      <Button small disabled={none} onClick={copy}>
        Duplicate
      </Button>
      <Button
        small
        disabled={none}
        onClick={() => {
          dispatch(editorActions.stepsGrouped({ ids, groupId: isGrouped ? null : nanoid(8) }));
        }}
      >
        {isGrouped ? 'No group' : 'Repeat as a group'}
      </Button>
      <Button small disabled={none} onClick={remove}>
        Remove
      </Button>
      <Button
        small
        look="quiet"
        onClick={() => {
          onChoose(chosen.length === piece.steps.length ? [] : piece.steps.map(({ id }) => id));
        }}
      >
        {chosen.length === piece.steps.length ? 'None' : 'All'}
      </Button>
      <Button small look="quiet" className="ml-auto" onClick={onDone}>
        Close
      </Button>
    </div>
  );
}
