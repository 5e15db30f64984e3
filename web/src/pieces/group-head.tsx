import type { Piece, StepGroup } from '@eveningtide/core/subjects';
import { LONGEST_NAME, LONGEST_TEXT } from '@eveningtide/core/limits';
import { Repeat } from 'lucide-react';
import { editorActions } from '../store/editor.js';
import { useAppDispatch } from '../store/store.js';

/** Stands before the first step of a repeat group: lay on, let dry, look, again. */
export function GroupHead({ piece, index }: { piece: Piece; index: number }) {
  const groupId = piece.steps[index]?.groupId ?? null;
  const group = piece.groups.find((one) => one.id === groupId);
  if (!group || piece.steps[index - 1]?.groupId === groupId) return null;
  return <GroupLine piece={piece} group={group} />;
}

function GroupLine({ piece, group }: { piece: Piece; group: StepGroup }) {
  const dispatch = useAppDispatch();
  const change = (given: Partial<StepGroup>) => {
    dispatch(editorActions.patched({ groups: piece.groups.map((one) => (one.id === group.id ? { ...one, ...given } : one)) }));
  };
  return (
    <div
      role="group"
      aria-label={`Repeat group ${group.name}`}
      className="flex items-center gap-2 border-b border-line bg-paper px-3 py-1 text-[0.8125rem]"
    >
      <Repeat size={15} aria-hidden="true" className="shrink-0" />
      <input
        aria-label="Name of the group"
        className="field max-w-40 font-semibold"
        maxLength={LONGEST_NAME}
        value={group.name}
        onChange={(event) => {
          if (event.target.value.trim()) change({ name: event.target.value });
        }}
      />
      <select
        aria-label="Rounds"
        className="field w-auto"
        value={group.rounds}
        onChange={(event) => {
          change({ rounds: Number(event.target.value) });
        }}
      >
        {[1, 2, 3].map((rounds) => (
          <option key={rounds} value={rounds}>
            {rounds === 1 ? 'one round' : `${String(rounds)} rounds`}
          </option>
        ))}
      </select>
      <span className="whitespace-nowrap text-ink-2">then look:</span>
      <input
        aria-label="What to look for after each round"
        className="field"
        maxLength={LONGEST_TEXT}
        value={group.gate}
        onChange={(event) => {
          change({ gate: event.target.value });
        }}
      />
    </div>
  );
}
