import { DROP_LIQUIDS, DROPS_PER_ML, type DropLiquid } from '@eveningtide/core/mixing';
import { formatNumber } from '@eveningtide/core/units';
import { useState } from 'react';
import { Button } from '../ui/button.js';
import { NumberField, SureNumberField } from '../ui/number-field.js';
import { Section, type SectionProps } from './section.js';

const NAMES: Record<DropLiquid, string> = { water: 'Waterborne', alcohol: 'Alcohol', spirit: 'White spirit', hot: 'Lacquer thinner' };

/** Drops are not all of one size: count yours. */
export function DroppersSection({ workshop: { dropsPerMl }, change }: SectionProps) {
  const [counted, setCounted] = useState<number | null>(null);
  const [ml, setMl] = useState<number | null>(1);
  const [liquid, setLiquid] = useState<DropLiquid>('water');
  const result = counted !== null && ml !== null && ml > 0 ? counted / ml : null;
  const usable = result !== null && result >= 5 && result <= 100;
  return (
    <Section title="Droppers" note="Drops to the millilitre from your dropper. Alcohol’s drops are smaller than water’s.">
      <div className="grid grid-cols-4 gap-2">
        {DROP_LIQUIDS.map((id) => (
          <SureNumberField
            key={id}
            label={NAMES[id]}
            value={dropsPerMl[id]}
            usual={String(DROPS_PER_ML[id])}
            min={5}
            max={100}
            onChange={(value) => {
              change({ dropsPerMl: { ...dropsPerMl, [id]: value } });
            }}
          />
        ))}
      </div>
      <fieldset className="mt-3 border-t border-line pt-2">
        <legend className="pr-2 text-[0.8125rem] text-ink-2">Count it: let drops fall into a syringe</legend>
        <div className="grid grid-cols-[1fr_1fr_1fr_auto] items-end gap-2">
          <label className="text-[0.8125rem] text-ink-2">
            Liquid
            <select
              className="field text-ink"
              value={liquid}
              onChange={(event) => {
                setLiquid(event.target.value as DropLiquid);
              }}
            >
              {DROP_LIQUIDS.map((id) => (
                <option key={id} value={id}>
                  {NAMES[id]}
                </option>
              ))}
            </select>
          </label>
          <NumberField label="Drops counted" value={counted} min={1} max={1000} whole onChange={setCounted} />
          <NumberField label="Millilitres read" value={ml} min={0.1} max={50} onChange={setMl} />
          <Button
            small
            disabled={!usable}
            onClick={() => {
              if (result !== null) change({ dropsPerMl: { ...dropsPerMl, [liquid]: Math.round(result * 10) / 10 } });
            }}
          >
            {result === null ? 'Take it' : `Take ${formatNumber(result, 1)} to the ml`}
          </Button>
        </div>
        {result !== null && !usable && (
          <p role="alert" className="mt-1 text-[0.8125rem] font-semibold text-brick">
            Allowed: 5–100 drops to the millilitre; counted {formatNumber(result, 1)}
          </p>
        )}
      </fieldset>
    </Section>
  );
}
