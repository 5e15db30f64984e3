import { PRIORITIES, type Piece, type Step } from '@eveningtide/core/subjects';
import { LONGEST_TEXT } from '@eveningtide/core/limits';
import { nanoid } from '@reduxjs/toolkit';
import { editorActions } from '../store/editor.js';
import { useAppDispatch } from '../store/store.js';
import { Check } from '../ui/check.js';
import { MomentField } from '../ui/moment-field.js';
import { SelectField } from '../ui/select-field.js';
import { TextField } from '../ui/text-field.js';

const NO_GROUP = '(none)';
const NEW_GROUP = '(new)';

const PRIORITY_WORDS: Record<Step['priority'], string> = { must: 'must be done', should: 'should be done', may: 'may be dropped' };

/** When a step is done, what it is repeated with, what is looked at before going on, and a note. */
export function PlanFields({ piece, step, onChange }: { piece: Piece; step: Step; onChange: (patch: Partial<Step>) => void }) {
  return (
    <>
      <GroupField piece={piece} step={step} />
      <SelectField
        label="When it is due"
        className="col-span-2"
        value={step.priority}
        options={PRIORITIES.map((id) => ({ id, name: PRIORITY_WORDS[id] }))}
        onChange={(priority) => {
          onChange({ priority });
        }}
      />
      <MomentField
        label="Done at (empty: the plan chooses)"
        className="col-span-2"
        value={step.pinnedAt}
        onChange={(pinnedAt) => {
          onChange({ pinnedAt: pinnedAt?.slice(0, 16) ?? null });
        }}
      />
      <Check
        className="col-span-2 self-end pb-1"
        checked={step.daylight}
        onChange={(daylight) => {
          onChange({ daylight });
        }}
      >
        only in daylight
      </Check>
      <TextField
        label="Before going on, look"
        className="col-span-4"
        value={step.gate ?? ''}
        onChange={(gate) => {
          onChange({ gate: gate.trim() === '' ? null : gate });
        }}
      />
      <TextField
        label="Note"
        className="col-span-6"
        maxLength={LONGEST_TEXT}
        value={step.note}
        onChange={(note) => {
          onChange({ note });
        }}
      />
    </>
  );
}

function GroupField({ piece, step }: { piece: Piece; step: Step }) {
  const dispatch = useAppDispatch();
  return (
    <SelectField
      label="Repeat group"
      className="col-span-2"
      value={step.groupId ?? NO_GROUP}
      options={[
        { id: NO_GROUP, name: 'none' },
        ...piece.groups.map(({ id, name }) => ({ id, name })),
        ...(step.groupId === null ? [{ id: NEW_GROUP, name: 'a new one' }] : []),
      ]}
      onChange={(chosen) => {
        dispatch(
          editorActions.stepsGrouped({ ids: [step.id], groupId: chosen === NO_GROUP ? null : chosen === NEW_GROUP ? nanoid(8) : chosen }),
        );
      }}
    />
  );
}
