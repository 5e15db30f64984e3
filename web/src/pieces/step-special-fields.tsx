import { DIRECTIONS, membersOf, type Piece, type Step } from '@eveningtide/core/subjects';
import { LONGEST_NAME } from '@eveningtide/core/limits';
import { Field } from '../ui/field.js';
import { SelectField } from '../ui/select-field.js';

interface StepFieldProps {
  piece: Piece;
  step: Step;
  onChange: (patch: Partial<Step>) => void;
}

/** A part that comes off takes all its zones with it. */
export function PartField({ piece, step, onChange }: StepFieldProps) {
  const parts = piece.parts.filter((part) => part.removable);
  const zonesOf = (partId: string) => piece.zones.filter((zone) => zone.partId === partId).map((zone) => zone.id);
  const current = parts.find((part) => zonesOf(part.id).some((zone) => step.zones.includes(zone)));
  if (parts.length === 0) return <p className="col-span-2 self-end pb-1 text-[0.8125rem] text-ink-3">No part of this piece comes off.</p>;
  return (
    <SelectField
      label="Part"
      className="col-span-2"
      value={current?.id ?? ''}
      options={[...(current ? [] : [{ id: '', name: 'choose …' }]), ...parts]}
      onChange={(partId) => {
        if (partId) onChange({ zones: zonesOf(partId) });
      }}
    />
  );
}

/** Which pieces of the batch a step is done on. */
export function MembersField({ piece, step, onChange }: StepFieldProps) {
  const chosen = new Set(membersOf(step, piece).map((member) => member.id));
  return (
    <fieldset className="col-span-6">
      <legend className="mb-0.5 text-[0.8125rem] text-ink-2">On these of the batch</legend>
      <div className="flex flex-wrap gap-x-4 gap-y-1">
        {piece.members.map((member) => (
          <label key={member.id} className="flex items-center gap-1.5 text-[0.8125rem]">
            <input
              type="checkbox"
              checked={chosen.has(member.id)}
              onChange={() => {
                const next = piece.members.filter(({ id }) => (id === member.id ? !chosen.has(id) : chosen.has(id))).map(({ id }) => id);
                // a step is done on something: the last piece cannot be taken away
                if (next.length > 0) onChange({ members: next.length === piece.members.length ? null : next });
              }}
            />
            {member.label}
          </label>
        ))}
      </div>
    </fieldset>
  );
}

/** Where a streak runs from, and which way. */
export function StreakFields({ piece, step, onChange }: StepFieldProps) {
  return (
    <>
      <Field label="Runs from" className="col-span-4">
        {(ids) => (
          <>
            <input
              {...ids}
              type="text"
              list={`${ids.id}-features`}
              className="field"
              maxLength={LONGEST_NAME}
              value={step.source ?? ''}
              onChange={(event) => {
                onChange({ source: event.target.value || null });
              }}
            />
            <datalist id={`${ids.id}-features`}>
              {piece.features.map((feature) => (
                <option key={feature.id} value={feature.label} />
              ))}
            </datalist>
          </>
        )}
      </Field>
      <SelectField
        label="Direction"
        className="col-span-2"
        value={step.direction ?? 'down'}
        options={DIRECTIONS.map((id) => ({ id, name: id }))}
        onChange={(direction) => {
          onChange({ direction });
        }}
      />
    </>
  );
}
