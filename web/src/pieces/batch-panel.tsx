import type { Member, Piece } from '@eveningtide/core/subjects';
import { LONGEST_NAME } from '@eveningtide/core/limits';
import { nanoid } from '@reduxjs/toolkit';
import { Dices, Plus, X } from 'lucide-react';
import { editorActions } from '../store/editor.js';
import { useAppDispatch } from '../store/store.js';
import { Button } from '../ui/button.js';
import { Panel } from '../ui/panel.js';
import { SelectField } from '../ui/select-field.js';

/** A number to throw the differences from; kept with the piece, so that they stay as they fell. */
const newSeed = (): number => crypto.getRandomValues(new Uint32Array(1))[0] ?? 0;

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
            maxLength={LONGEST_NAME}
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
      {piece.members.length > 1 && (
        <div className="mt-2 mb-2 border-t border-line pt-2">
          <SelectField
            label="How alike"
            value={piece.likeness}
            options={[
              { id: 'alike', name: 'all alike: a row that must match' },
              { id: 'own', name: 'each its own: no two age alike' },
            ]}
            onChange={(likeness) => {
              dispatch(editorActions.patched({ likeness, varySeed: likeness === 'alike' ? null : piece.varySeed }));
            }}
          />
          {piece.likeness === 'own' && (
            <p className="mt-1 flex flex-wrap items-center gap-2 text-[0.8125rem] text-ink-2">
              {piece.varySeed === null ? 'All get the same numbers.' : 'Cover, strength and tone differ a little from piece to piece.'}
              <Button
                small
                onClick={() => {
                  dispatch(editorActions.patched({ varySeed: newSeed() }));
                }}
              >
                <Dices size={14} aria-hidden="true" /> {piece.varySeed === null ? 'Let them differ' : 'Shuffle'}
              </Button>
              {piece.varySeed !== null && (
                <button
                  type="button"
                  className="min-h-6 underline"
                  onClick={() => {
                    dispatch(editorActions.patched({ varySeed: null }));
                  }}
                >
                  the same for all
                </button>
              )}
            </p>
          )}
        </div>
      )}
      <Button small onClick={add}>
        <Plus size={14} aria-hidden="true" /> {piece.members.length === 0 ? 'Make it a batch' : 'Add a piece'}
      </Button>
    </Panel>
  );
}
