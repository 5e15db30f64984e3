import { incomingOf, withUsualDilution } from '@eveningtide/core/sequence';
import type { Piece, Step } from '@eveningtide/core/subjects';
import { TECHNIQUE_FAMILIES, techniqueById } from '@eveningtide/core/techniques';
import { useEffect, useMemo, useRef } from 'react';
import { PickField } from '../find/pick-field.js';
import { editorActions } from '../store/editor.js';
import { useAppDispatch } from '../store/store.js';
import { usePieceOutlook, useSupplies } from '../workers/outlook-context.js';
import { DilutionField } from './dilution-field.js';
import { MaterialField } from './material-field.js';
import { PlanFields } from './step-plan-fields.js';
import { MembersField, PartField, PlaceFields, StreakFields } from './step-special-fields.js';
import { WorkFields } from './step-work-fields.js';
import { ZonesField } from './zones-field.js';

/** As they lie in the handbook: by what they are for. */
const TECHNIQUE_GROUPS = TECHNIQUE_FAMILIES.map(({ name, techniques }) => ({
  heading: name,
  items: techniques.map(({ id, name: own, roles, effect }) => ({ id, name: own, text: `${effect} ${roles.join(' ')}` })),
}));

/** The step in place: every change counts at once. */
export function StepEditor({ piece, step, added }: { piece: Piece; step: Step; added: boolean }) {
  const dispatch = useAppDispatch();
  const supplies = useSupplies();
  const own = usePieceOutlook(piece.id);
  const incoming = useMemo(() => incomingOf(step, supplies), [step, supplies]);
  const patch = (change: Partial<Step>) => {
    dispatch(editorActions.stepPatched({ id: step.id, patch: withUsualDilution(step, change, supplies) }));
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
    <div
      ref={editor}
      className="grid grid-cols-6 gap-x-3 gap-y-2 px-4 pt-1 pb-3 pl-14 max-[40rem]:pl-4 max-[40rem]:[&>*:not(fieldset)]:col-span-3"
    >
      <PickField
        label="Technique"
        className="col-span-2"
        autoFocus={added}
        value={step.technique}
        shown={incoming.technique.name}
        groups={TECHNIQUE_GROUPS}
        onChange={changeTechnique}
      />
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
      <WorkFields step={step} incoming={incoming} usualMinutes={usualMinutes} onChange={patch} />
      {(incoming.technique.id === 'streak' || incoming.technique.id === 'scrape') && (
        <StreakFields piece={piece} step={step} onChange={patch} />
      )}
      <PlaceFields piece={piece} step={step} onChange={patch} />
      {(incoming.technique.effect === 'take-off' || incoming.technique.effect === 'refit') && (
        <PartField piece={piece} step={step} onChange={patch} />
      )}
      {piece.members.length > 1 && <MembersField piece={piece} step={step} onChange={patch} />}
      <PlanFields piece={piece} step={step} onChange={patch} />
    </div>
  );
}
