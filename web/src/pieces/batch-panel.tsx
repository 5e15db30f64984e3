import type { Member, Piece } from '@eveningtide/core/subjects';
import { nanoid } from '@reduxjs/toolkit';
import { Plus, X } from 'lucide-react';
import { editorActions } from '../store/editor.js';
import { useAppDispatch } from '../store/store.js';
import { Button } from '../ui/button.js';
import { Panel } from '../ui/panel.js';

/** The pieces of a batch and what is each one's own. A step may be done on some of them only. */
export function BatchPanel({ piece }: { piece: Piece }) {
  const dispatch = useAppDispatch();
  const set = (members: Member[]) => {
    dispatch(editorActions.patched({ members }));
  };
  const change = (id: string, given: Partial<Member>) => {
    set(piece.members.map((member) => (member.id === id ? { ...member, ...given } : member)));
  };
  const add = () => {
    const first = piece.members.length === 0 ? [{ id: nanoid(8), label: 'No. 1', differences: [] }] : [];
    const number = piece.members.length + first.length + 1;
    set([...piece.members, ...first, { id: nanoid(8), label: `No. ${String(number)}`, differences: [] }]);
  };
  return (
    <Panel
      title="Batch"
      open={piece.members.length > 0}
      aside={
        <span className="text-[0.8125rem] text-ink-2">
          {piece.members.length > 1 ? `${String(piece.members.length)} pieces` : 'one piece'}
        </span>
      }
    >
      {piece.members.map((member) => (
        <div key={member.id} className="mb-1 grid grid-cols-[6rem_1fr_1.5rem] gap-1">
          <input
            aria-label="Name in the batch"
            className="field"
            maxLength={120}
            value={member.label}
            onChange={(event) => {
              if (event.target.value.trim()) change(member.id, { label: event.target.value });
            }}
          />
          <input
            aria-label={`What is ${member.label}’s own, with semicolons between`}
            placeholder="number, lettering, repair; …"
            className="field"
            maxLength={600}
            defaultValue={member.differences.join('; ')}
            onBlur={(event) => {
              const differences = event.target.value
                .split(';')
                .map((part) => part.trim().slice(0, 120))
                .filter((part) => part !== '');
              if (differences.join('; ') !== member.differences.join('; ')) change(member.id, { differences });
            }}
          />
          <button
            type="button"
            aria-label={`Take ${member.label} out of the batch`}
            className="flex min-h-7 min-w-6 items-center justify-center"
            onClick={() => {
              dispatch(editorActions.memberRemoved(member.id));
            }}
          >
            <X size={15} aria-hidden="true" />
          </button>
        </div>
      ))}
      <Button small onClick={add}>
        <Plus size={14} aria-hidden="true" /> {piece.members.length === 0 ? 'Make it a batch' : 'Add a piece'}
      </Button>
    </Panel>
  );
}
