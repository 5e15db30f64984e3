import { DIRECTIONS, membersOf, type Piece, type Step } from '@eveningtide/core/subjects';
import { LONGEST_NAME } from '@eveningtide/core/limits';
import { incomingOf } from '@eveningtide/core/sequence';
import type { Technique } from '@eveningtide/core/techniques';
import { Field } from '../ui/field.js';
import { SelectField } from '../ui/select-field.js';
import { useSupplies } from '../workers/outlook-context.js';

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

const ONTO = [
  { id: 'usual', name: 'as is usual for it' },
  { id: 'wet', name: 'what is still wet, on purpose' },
  { id: 'dry', name: 'what is dry, in any case' },
] as const;

/** Whether it goes into what is wet below, and for which place it is. */
export function PlaceFields({ piece, step, onChange }: StepFieldProps) {
  const { technique } = incomingOf(step, useSupplies());
  const onto = step.intoWet === null ? 'usual' : step.intoWet ? 'wet' : 'dry';
  return (
    <>
      {(technique.wetInWet.length > 0 || technique.effect === 'loose') && (
        <SelectField
          label="Goes onto"
          className="col-span-3"
          value={onto}
          options={ONTO}
          onChange={(chosen) => {
            onChange({ intoWet: chosen === 'usual' ? null : chosen === 'wet' });
          }}
        />
      )}
      {SMALL.has(technique.effect) && (
        <Field label="For the place" className="col-span-3">
          {(ids) => (
            <>
              <input
                {...ids}
                type="text"
                list={`${ids.id}-places`}
                className="field"
                maxLength={LONGEST_NAME}
                placeholder="anywhere"
                value={step.place ?? ''}
                onChange={(event) => {
                  onChange({ place: event.target.value || null });
                }}
              />
              <datalist id={`${ids.id}-places`}>
                {[...new Set(piece.steps.flatMap(({ place }) => place ?? []))].map((place) => (
                  <option key={place} value={place} />
                ))}
              </datalist>
            </>
          )}
        </Field>
      )}
    </>
  );
}

/** What covers little of a zone: two such steps meet by chance, unless they are for the same place. */
const SMALL: ReadonlySet<Technique['effect']> = new Set(['accent', 'loose', 'slurry'] as const);

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
