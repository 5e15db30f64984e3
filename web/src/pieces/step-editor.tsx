import { incomingOf, withUsualDilution } from '@eveningtide/core/sequence';
import type { Piece, Step } from '@eveningtide/core/subjects';
import { TECHNIQUE_FAMILIES, isOnSurface, techniqueById } from '@eveningtide/core/techniques';
import { useEffect, useMemo, useRef, useState } from 'react';
import { PickField } from '../find/pick-field.js';
import { editorActions } from '../store/editor.js';
import { useAppDispatch } from '../store/store.js';
import { NumberField } from '../ui/number-field.js';
import { useSupplies } from '../workers/outlook-context.js';
import { DilutionField } from './dilution-field.js';
import { MaterialField } from './material-field.js';
import { StepMore } from './step-more.js';
import { PartField, StreakFields } from './step-special-fields.js';
import { ZonesField } from './zones-field.js';

/** As they lie in the handbook: by what they are for. */
const TECHNIQUE_GROUPS = TECHNIQUE_FAMILIES.map(({ name, techniques }) => ({
  heading: name,
  items: techniques.map(({ id, name: own, roles, effect }) => ({ id, name: own, text: `${effect} ${roles.join(' ')}` })),
}));

/** The step in place: every change counts at once. What is done with what, where and on how much comes first; of a new step each is asked in turn. */
export function StepEditor({
  piece,
  step,
  added,
  onChoosing,
}: {
  piece: Piece;
  step: Step;
  added: boolean;
  /** A list is open in which something is being chosen. */
  onChoosing: (isChoosing: boolean) => void;
}) {
  const dispatch = useAppDispatch();
  const supplies = useSupplies();
  const incoming = useMemo(() => incomingOf(step, supplies), [step, supplies]);
  const [asked, setAsked] = useState<'technique' | 'material' | null>(added ? 'technique' : null);
  const patch = (change: Partial<Step>) => {
    dispatch(editorActions.stepPatched({ id: step.id, patch: withUsualDilution(step, change, supplies) }));
  };

  /** Another technique keeps the material only where it is done with such a thing. */
  const changeTechnique = (id: string) => {
    const { roles, tools } = techniqueById(id);
    const keeps = step.material !== null && roles.includes(supplies.material(step.material).role);
    patch({
      technique: id,
      tool: tools.some((tool) => tool === step.tool) ? step.tool : null,
      ...(keeps ? {} : { material: null, bottleId: null, dilution: null }),
    });
    setAsked(roles.length > 0 && (added || !keeps) ? 'material' : null);
  };

  useEffect(() => {
    onChoosing(asked !== null);
    return () => {
      onChoosing(false);
    };
  }, [asked, onChoosing]);
  const editor = useRef<HTMLDivElement>(null);
  useEffect(() => {
    // in the middle: what is then told of the steps above pushes it down
    if (added) editor.current?.scrollIntoView({ block: 'center' });
  }, [added]);

  const { technique } = incoming;
  const isThinned = technique.dose !== null && step.material !== null;
  return (
    <div
      ref={editor}
      className="grid grid-cols-6 gap-x-3 gap-y-2 px-4 pt-1 pb-3 pl-14 max-[40rem]:pl-4 max-[40rem]:[&>*:not(fieldset)]:col-span-3"
    >
      <PickField
        label="Technique"
        className="col-span-2"
        autoFocus={added}
        isOpen={asked === 'technique'}
        onOpen={(open) => {
          setAsked(open ? 'technique' : null);
        }}
        value={step.technique}
        shown={technique.name}
        groups={TECHNIQUE_GROUPS}
        onChange={changeTechnique}
      />
      <div className="col-span-2">
        {technique.roles.length > 0 && (
          <MaterialField
            step={step}
            isOpen={asked === 'material'}
            onOpen={(open) => {
              setAsked(open ? 'material' : null);
            }}
            onChange={patch}
          />
        )}
      </div>
      <div className="col-span-2 grid grid-cols-3 gap-x-3">
        {isOnSurface(technique) && (
          <NumberField
            label="Cover (%)"
            value={step.coverPct}
            usual={String(technique.usualCoverPct)}
            min={0}
            max={100}
            onChange={(coverPct) => {
              patch({ coverPct });
            }}
          />
        )}
        {isThinned && (
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
      {(technique.id === 'streak' || technique.id === 'scrape') && <StreakFields piece={piece} step={step} onChange={patch} />}
      {(technique.effect === 'take-off' || technique.effect === 'refit') && <PartField piece={piece} step={step} onChange={patch} />}
      <StepMore piece={piece} step={step} incoming={incoming} onChange={patch} />
    </div>
  );
}
