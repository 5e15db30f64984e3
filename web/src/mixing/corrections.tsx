import { suppliesName } from '@eveningtide/core/materials';
import {
  CONSISTENCIES,
  CONSISTENCY_WORDS,
  addToReach,
  atConsistency,
  consistencyOf,
  diluteStrength,
  slurryCorrection,
  volumesOfCup,
  type Consistency,
} from '@eveningtide/core/mixing';
import { formatNumber } from '@eveningtide/core/units';
import { useState } from 'react';
import { cupActions, type CupState } from '../store/cup.js';
import { useAppDispatch } from '../store/store.js';
import { Button } from '../ui/button.js';
import { NumberField, QuantityField } from '../ui/number-field.js';
import { SelectField } from '../ui/select-field.js';
import { useShown } from '../ui/shown.js';
import { useBench } from './use-bench.js';

/** Helps for a cup that is not as it should be. */
export function Corrections({ cup }: { cup: CupState }) {
  const { measured } = useBench();
  const powders = measured(cup.components).map(({ powder }) => powder);
  const isSlurry = powders.some(Boolean) && powders.some((powder) => !powder);
  return (
    <div className="mt-4 space-y-2">
      {cup.components.length > 1 && <GoneOff cup={cup} />}
      {isSlurry && <Slurry cup={cup} powders={powders} />}
      <Strength />
    </div>
  );
}

const SUMMARY = 'cursor-pointer font-semibold';

/** What is in a cup by mistake, and what to add so that the ratio above is right again. */
function GoneOff({ cup }: { cup: CupState }) {
  const { supplies } = useBench();
  const shown = useShown();
  const exact = volumesOfCup(cup);
  const [have, setHave] = useState<Record<number, number>>({});
  const there = exact.map((ml, i) => have[i] ?? Math.round(ml * 100) / 100);
  const stranger = cup.components.findIndex(({ parts }, i) => parts === 0 && (there[i] ?? 0) > 0);
  const add = stranger >= 0 ? null : addToReach(there, exact);
  const todo = add?.flatMap((ml, i) =>
    ml > 0.004 ? [`${shown.text(ml, 'volume')} ${suppliesName(cup.components[i] ?? { material: '', bottleId: null }, supplies)}`] : [],
  );
  return (
    <details className="border border-line bg-paper px-3 py-2">
      <summary className={SUMMARY}>The cup went wrong: too thin, too thick</summary>
      <p className="mt-1 text-[0.8125rem] text-ink-2">Tell what is really in it; what goes in cannot come out, so the rest is added to.</p>
      <div className="mt-2 grid grid-cols-3 gap-2">
        {cup.components.map((component, i) => (
          <QuantityField
            key={i}
            label={suppliesName(component, supplies)}
            quantity="volume"
            value={there[i] ?? 0}
            min={0}
            max={5000}
            optional={false}
            onChange={(ml) => {
              if (ml !== null) setHave({ ...have, [i]: ml });
            }}
          />
        ))}
      </div>
      <p role="status" className="mt-2 font-semibold">
        {add === null
          ? 'Something is in it that the ratio does not want: pour it away, or change the ratio.'
          : todo && todo.length > 0
            ? `Add ${todo.join(' and ')}.`
            : 'It is right as it is.'}
      </p>
    </details>
  );
}

function Slurry({ cup, powders }: { cup: CupState; powders: readonly boolean[] }) {
  const dispatch = useAppDispatch();
  const shown = useShown();
  const [wanted, setWanted] = useState<Consistency>('milk');
  const volumes = volumesOfCup(cup);
  const sum = (powder: boolean): number => volumes.reduce((total, ml, i) => (powders[i] === powder ? total + ml : total), 0);
  const have = { powderMl: sum(true), liquidMl: sum(false) };
  if (have.powderMl <= 0 || have.liquidMl <= 0) return null;
  const now = consistencyOf(have.powderMl, have.liquidMl);
  const add = slurryCorrection(have, wanted);
  const words = [
    ...(add.powderMl > 0.004 ? [`${shown.text(add.powderMl, 'volume')} of loose powder`] : []),
    ...(add.liquidMl > 0.004 ? [`${shown.text(add.liquidMl, 'volume')} of liquid`] : []),
  ];
  const mixSo = () => {
    const parts = atConsistency(volumes, powders, wanted, cup.totalMl);
    dispatch(cupActions.set({ components: cup.components.map((component, i) => ({ ...component, parts: parts[i] ?? 0 })) }));
  };
  return (
    <details open className="border border-line bg-paper px-3 py-2">
      <summary className={SUMMARY}>Consistency: about {now}</summary>
      <p className="mt-1 text-ink-2">
        A slurry like {now} {CONSISTENCY_WORDS[now]}.
      </p>
      <SelectField
        label="It should be like"
        className="mt-2 max-w-56"
        value={wanted}
        options={CONSISTENCIES.map((id) => ({ id, name: id }))}
        onChange={setWanted}
      />
      <p role="status" className="mt-2 font-semibold">
        {words.length > 0 ? `Add ${words.join(' and ')}: it then ${CONSISTENCY_WORDS[wanted]}.` : 'It is that already.'}
      </p>
      <Button small className="mt-2" disabled={words.length === 0} onClick={mixSo}>
        Mix it like {wanted} from the start
      </Button>
    </details>
  );
}

/** C₁V₁ = C₂V₂ */
function Strength() {
  const shown = useShown();
  const [stockPct, setStock] = useState<number | null>(99);
  const [wantedPct, setWanted] = useState<number | null>(70);
  const [ml, setMl] = useState<number | null>(20);
  const good = stockPct !== null && wantedPct !== null && ml !== null && wantedPct <= stockPct && wantedPct > 0;
  const made = good ? diluteStrength(stockPct, wantedPct, ml) : null;
  return (
    <details className="border border-line bg-paper px-3 py-2">
      <summary className={SUMMARY}>Dilute a strength: alcohol, cleaner</summary>
      <div className="mt-2 grid grid-cols-3 gap-2">
        <NumberField label="From (%)" value={stockPct} min={0.1} max={100} onChange={setStock} />
        <NumberField label="Down to (%)" value={wantedPct} min={0.1} max={100} onChange={setWanted} />
        <QuantityField label="Take" quantity="volume" value={ml} min={0.1} max={5000} onChange={setMl} />
      </div>
      <p role="status" className="mt-2 font-semibold">
        {made
          ? `Add ${shown.text(made.diluentMl, 'volume')} of water or diluent: ${shown.text(made.totalMl, 'volume')} in all.`
          : 'It can only be made weaker: from the higher to the lower strength.'}
      </p>
      <p className="text-[0.8125rem] text-ink-3">
        Volumes are taken to add up; alcohol and water shrink by {formatNumber(1)}–{formatNumber(3)} % when mixed.
      </p>
    </details>
  );
}
