import { MOST_ML } from '@eveningtide/core/limits';
import { AIRFLOWS } from '@eveningtide/core/drying';
import { isOnSurface } from '@eveningtide/core/techniques';
import type { Incoming } from '@eveningtide/core/sequence';
import type { Step } from '@eveningtide/core/subjects';
import { useWorkshopQuery } from '../store/api.js';
import { NumberField, QuantityField } from '../ui/number-field.js';
import { SelectField } from '../ui/select-field.js';
import { AIRFLOW_WORDS } from './how-words.js';

/** Stands for no place of one's own. */
const BENCH = '';

interface WorkFieldsProps {
  step: Step;
  incoming: Incoming;
  /** Hands-on minutes that the plan reckons with. */
  usualMinutes: number | undefined;
  onChange: (patch: Partial<Step>) => void;
}

/** How a step is done: tool, coats, minutes. */
export function WorkFields({ step, incoming, usualMinutes, onChange }: WorkFieldsProps) {
  const { tool, technique, material } = incoming;
  return (
    <>
      <SelectField
        label="Tool"
        value={tool}
        options={[...new Set([tool, ...technique.tools])].map((id) => ({ id, name: id }))}
        onChange={(chosen) => {
          onChange({ tool: chosen });
        }}
      />
      {isOnSurface(technique) && (
        <NumberField
          label="Coats"
          value={step.coats}
          min={1}
          max={10}
          whole
          optional={false}
          onChange={(coats) => {
            onChange({ coats: coats ?? 1 });
          }}
        />
      )}
      <NumberField
        label="Minutes"
        value={step.handsOnMin}
        usual={usualMinutes === undefined ? '' : String(usualMinutes)}
        min={0}
        max={600}
        onChange={(handsOnMin) => {
          onChange({ handsOnMin });
        }}
      />
      {step.material !== null && (
        <QuantityField
          label="Takes, on each"
          quantity="volume"
          value={step.amountMl}
          min={0}
          max={MOST_ML}
          onChange={(amountMl) => {
            onChange({ amountMl });
          }}
        />
      )}
      <DryingFields step={step} onChange={onChange} />
      {material?.role === 'powder' && (
        <NumberField
          label="Put on × wanted"
          value={step.allowance}
          usual="1"
          min={0}
          max={10}
          onChange={(allowance) => {
            onChange({ allowance });
          }}
        />
      )}
    </>
  );
}

/** How and where it dries. */
function DryingFields({ step, onChange }: Pick<WorkFieldsProps, 'step' | 'onChange'>) {
  const { data: stored } = useWorkshopQuery();
  const places = stored?.workshop.climate.places ?? [];
  return (
    <>
      <SelectField
        label="Drying"
        value={step.drying}
        options={AIRFLOWS.map((id) => ({ id, name: AIRFLOW_WORDS[id] }))}
        onChange={(drying) => {
          onChange({ drying });
        }}
      />
      <SelectField
        label="Dries at"
        value={step.dryingPlace ?? BENCH}
        options={[{ id: BENCH, name: 'the bench' }, ...places.map(({ id, name }) => ({ id, name: name.toLowerCase() }))]}
        onChange={(place) => {
          onChange({ dryingPlace: place === BENCH ? null : place });
        }}
      />
    </>
  );
}
