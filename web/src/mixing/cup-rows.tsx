import { suppliesName } from '@eveningtide/core/materials';
import { MEASURES, shownAmounts, withAmount, type Measure } from '@eveningtide/core/mixing';
import { MOST_ML } from '@eveningtide/core/limits';
import { X } from 'lucide-react';
import { cupActions, type CupState } from '../store/cup.js';
import { useAppDispatch } from '../store/store.js';
import { SureNumberField } from '../ui/number-field.js';
import { SelectField } from '../ui/select-field.js';
import { Swatch } from '../ui/swatch.js';
import { ComponentField } from './component-field.js';
import { useBench } from './use-bench.js';
import { MEASURE_NAMES, componentColour } from './words.js';

/** One row a component: what, and how much of it in the cup's measure. */
export function CupRows({ cup }: { cup: CupState }) {
  const dispatch = useAppDispatch();
  const { supplies, measured, measuring } = useBench();
  const what = measured(cup.components);
  const amounts = shownAmounts(cup, what, measuring);
  const set = (change: Partial<CupState>) => dispatch(cupActions.set(change));
  return (
    <>
      <SelectField
        label="Told in"
        className="mb-2 max-w-48"
        value={cup.measure}
        options={MEASURES.map((id) => ({ id, name: MEASURE_NAMES[id] }))}
        onChange={(measure: Measure) => set({ measure })}
      />
      <ul className="space-y-2">
        {cup.components.map((component, i) => {
          const name = suppliesName(component, supplies);
          return (
            <li key={i} className="grid grid-cols-[1.25rem_minmax(0,1fr)_7rem_1.75rem] items-end gap-2">
              <span className="pb-1.5">
                <Swatch colour={componentColour(component, supplies)} size={18} />
              </span>
              <div>
                <span className="mb-0.5 block text-[0.8125rem] text-ink-2">Component {i + 1}</span>
                <ComponentField
                  label={`Component ${String(i + 1)}`}
                  value={component}
                  supplies={supplies}
                  onChange={(chosen) => set({ components: cup.components.map((one, at) => (at === i ? { ...one, ...chosen } : one)) })}
                />
              </div>
              <SureNumberField
                key={cup.measure}
                label={cup.measure === 'percent' ? '%' : MEASURE_NAMES[cup.measure]}
                value={Math.round((amounts[i] ?? 0) * 100) / 100}
                min={0}
                max={cup.measure === 'percent' ? 100 : MOST_ML}
                onChange={(amount) => {
                  set(withAmount(cup, i, amount, what, measuring));
                }}
              />
              <button
                type="button"
                aria-label={`Take ${name} out`}
                className="mb-0.5 rounded-sm p-1.5 hover:bg-ground"
                onClick={() => set({ components: cup.components.filter((_, at) => at !== i) })}
              >
                <X size={16} aria-hidden="true" />
              </button>
            </li>
          );
        })}
      </ul>
      {what.some(({ powder }) => powder) && cup.measure !== 'g' && cup.measure !== 'spoons' && (
        <p className="mt-1 text-[0.8125rem] text-ink-2">Powder is by loose volume here; grams and level spoons go by its density.</p>
      )}
    </>
  );
}
