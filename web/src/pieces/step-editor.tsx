import { AIRFLOWS } from '@eveningtide/core/drying';
import { incomingOf } from '@eveningtide/core/sequence';
import { DIRECTIONS, PRIORITIES, membersOf, type Piece, type Step } from '@eveningtide/core/subjects';
import { TECHNIQUES, techniqueById } from '@eveningtide/core/techniques';
import { LONGEST_NAME, LONGEST_TEXT } from '@eveningtide/core/limits';
import { nanoid } from '@reduxjs/toolkit';
import { useEffect, useMemo, useRef } from 'react';
import { useWorkshopQuery } from '../store/api.js';
import { editorActions } from '../store/editor.js';
import { useAppDispatch } from '../store/store.js';
import { Field } from '../ui/field.js';
import { NumberField } from '../ui/number-field.js';
import { SelectField } from '../ui/select-field.js';
import { usePieceOutlook, useSupplies } from '../workers/outlook-context.js';
import { DilutionField } from './dilution-field.js';
import { MaterialField } from './material-field.js';
import { ZonesField } from './zones-field.js';

const AIRFLOW_WORDS: Record<Step['drying'], string> = {
  still: 'still air',
  fan: 'fan',
  'cool-dryer': 'cool dryer',
  'warm-dryer': 'warm dryer',
  'heat-gun': 'heat gun',
};

/** The step in place: every change counts at once. */
export function StepEditor({ piece, step, added }: { piece: Piece; step: Step; added: boolean }) {
  const dispatch = useAppDispatch();
  const { data: workshop } = useWorkshopQuery();
  const supplies = useSupplies();
  const own = usePieceOutlook(piece.id);
  const incoming = useMemo(() => incomingOf(step, supplies), [step, supplies]);
  const patch = (change: Partial<Step>) => {
    dispatch(editorActions.stepPatched({ id: step.id, patch: change }));
  };
  const usualMinutes = own?.handsOnMin[own.steps.findIndex((s) => s.id === step.id)];

  /** Another technique keeps the material only where it is done with such a thing. */
  const changeTechnique = (id: string) => {
    const { roles, tools } = techniqueById(id);
    const keeps = step.material !== null && roles.includes(supplies.material(step.material).role);
    patch({
      technique: id,
      tool: tools.some((tool) => tool === step.tool) ? step.tool : null,
      ...(keeps ? {} : { material: null, bottleId: null, dilution: null }),
    });
  };

  const editor = useRef<HTMLDivElement>(null);
  useEffect(() => {
    // in the middle: what is then told of the steps above pushes it down
    if (added) editor.current?.scrollIntoView({ block: 'center' });
  }, [added]);

  return (
    <div ref={editor} className="grid grid-cols-6 gap-x-3 gap-y-2 px-4 pt-1 pb-3 pl-14">
      <Field label="Technique" className="col-span-2">
        {(ids) => (
          <select
            {...ids}
            autoFocus={added}
            className="field"
            value={step.technique}
            onChange={(event) => {
              changeTechnique(event.target.value);
            }}
          >
            {TECHNIQUES.map((t) => (
              <option key={t.id} value={t.id}>
                {t.name}
              </option>
            ))}
          </select>
        )}
      </Field>
      <div className="col-span-2">{incoming.technique.roles.length > 0 && <MaterialField step={step} onChange={patch} />}</div>
      <div className="col-span-2">
        {incoming.technique.dose && step.material !== null && (
          <DilutionField
            key={step.id}
            dilution={step.dilution}
            onChange={(dilution) => {
              patch({ dilution });
            }}
          />
        )}
      </div>
      <ZonesField
        piece={piece}
        step={step}
        onChange={(zones) => {
          patch({ zones });
        }}
      />
      <Field label="Tool">
        {(ids) => (
          <select
            {...ids}
            className="field"
            value={incoming.tool}
            onChange={(event) => {
              patch({ tool: event.target.value });
            }}
          >
            {[...new Set([incoming.tool, ...incoming.technique.tools])].map((tool) => (
              <option key={tool}>{tool}</option>
            ))}
          </select>
        )}
      </Field>
      <NumberField
        label="Coats"
        value={step.coats}
        min={1}
        max={10}
        whole
        optional={false}
        onChange={(coats) => {
          patch({ coats: coats ?? 1 });
        }}
      />
      <NumberField
        label="Cover (%)"
        value={step.coverPct}
        usual={String(incoming.technique.usualCoverPct)}
        min={0}
        max={100}
        onChange={(coverPct) => {
          patch({ coverPct });
        }}
      />
      <NumberField
        label="Minutes"
        value={step.handsOnMin}
        usual={usualMinutes === undefined ? '' : String(usualMinutes)}
        min={0}
        max={600}
        onChange={(handsOnMin) => {
          patch({ handsOnMin });
        }}
      />
      <Field label="Drying">
        {(ids) => (
          <select
            {...ids}
            className="field"
            value={step.drying}
            onChange={(event) => {
              patch({ drying: event.target.value as Step['drying'] });
            }}
          >
            {AIRFLOWS.map((airflow) => (
              <option key={airflow} value={airflow}>
                {AIRFLOW_WORDS[airflow]}
              </option>
            ))}
          </select>
        )}
      </Field>
      <Field label="Dries at">
        {(ids) => (
          <select
            {...ids}
            className="field"
            value={step.dryingPlace ?? ''}
            onChange={(event) => {
              patch({ dryingPlace: event.target.value || null });
            }}
          >
            <option value="">the bench</option>
            {workshop?.workshop.climate.places.map((place) => (
              <option key={place.id} value={place.id}>
                {place.name.toLowerCase()}
              </option>
            ))}
          </select>
        )}
      </Field>
      {(incoming.technique.id === 'streak' || incoming.technique.id === 'scrape') && (
        <StreakFields piece={piece} step={step} onChange={patch} />
      )}
      {(incoming.technique.effect === 'take-off' || incoming.technique.effect === 'refit') && (
        <PartField piece={piece} step={step} onChange={patch} />
      )}
      {incoming.material?.role === 'powder' && (
        <NumberField
          label="Put on × wanted"
          value={step.allowance}
          usual="1"
          min={0}
          max={10}
          onChange={(allowance) => {
            patch({ allowance });
          }}
        />
      )}
      {piece.members.length > 1 && <MembersField piece={piece} step={step} onChange={patch} />}
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
            editorActions.stepGrouped({ id: step.id, groupId: chosen === NO_GROUP ? null : chosen === NEW_GROUP ? nanoid(8) : chosen }),
          );
        }}
      />
      <Field label="When it is due" className="col-span-2">
        {(ids) => (
          <select
            {...ids}
            className="field"
            value={step.priority}
            onChange={(event) => {
              patch({ priority: event.target.value as Step['priority'] });
            }}
          >
            {PRIORITIES.map((priority) => (
              <option key={priority} value={priority}>
                {PRIORITY_WORDS[priority]}
              </option>
            ))}
          </select>
        )}
      </Field>
      <Field label="Done at (empty: the plan chooses)" className="col-span-2">
        {(ids) => (
          <input
            {...ids}
            type="datetime-local"
            className="field figures"
            value={step.pinnedAt ?? ''}
            onChange={(event) => {
              patch({ pinnedAt: event.target.value ? event.target.value.slice(0, 16) : null });
            }}
          />
        )}
      </Field>
      <label className="col-span-2 flex items-center gap-2 self-end pb-1">
        <input
          type="checkbox"
          checked={step.daylight}
          onChange={(event) => {
            patch({ daylight: event.target.checked });
          }}
        />{' '}
        only in daylight
      </label>
      <Field label="Before going on, look" className="col-span-4">
        {(ids) => (
          <input
            {...ids}
            type="text"
            className="field"
            maxLength={LONGEST_NAME}
            value={step.gate ?? ''}
            onChange={(event) => {
              patch({ gate: event.target.value.trim() === '' ? null : event.target.value });
            }}
          />
        )}
      </Field>
      <Field label="Note" className="col-span-6">
        {(ids) => (
          <input
            {...ids}
            type="text"
            className="field"
            maxLength={LONGEST_TEXT}
            value={step.note}
            onChange={(event) => {
              patch({ note: event.target.value });
            }}
          />
        )}
      </Field>
    </div>
  );
}

const NO_GROUP = '(none)';
const NEW_GROUP = '(new)';

const PRIORITY_WORDS: Record<Step['priority'], string> = { must: 'must be done', should: 'should be done', may: 'may be dropped' };

/** A part that comes off takes all its zones with it. */
function PartField({ piece, step, onChange }: { piece: Piece; step: Step; onChange: (patch: Partial<Step>) => void }) {
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
function MembersField({ piece, step, onChange }: { piece: Piece; step: Step; onChange: (patch: Partial<Step>) => void }) {
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

function StreakFields({ piece, step, onChange }: { piece: Piece; step: Step; onChange: (patch: Partial<Step>) => void }) {
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
      <Field label="Direction" className="col-span-2">
        {(ids) => (
          <select
            {...ids}
            className="field"
            value={step.direction ?? 'down'}
            onChange={(event) => {
              onChange({ direction: event.target.value as Step['direction'] });
            }}
          >
            {DIRECTIONS.map((direction) => (
              <option key={direction}>{direction}</option>
            ))}
          </select>
        )}
      </Field>
    </>
  );
}
