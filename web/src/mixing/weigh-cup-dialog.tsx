import { SCALE_STEP_G } from '@eveningtide/core/devices';
import { suppliesName } from '@eveningtide/core/materials';
import { NOTICED_SHARE_PCT, cupOfWeights, gramsOf, volumesOfCup, weighingOf } from '@eveningtide/core/mixing';
import { formatNumber } from '@eveningtide/core/units';
import { Check } from 'lucide-react';
import { useState } from 'react';
import { ScalePanel, useGrams } from '../devices/scale-panel.js';
import { cupActions, type CupState } from '../store/cup.js';
import { useAppDispatch } from '../store/store.js';
import { toast } from '../store/toast.js';
import { Button } from '../ui/button.js';
import { Dialog } from '../ui/dialog.js';
import { SureNumberField } from '../ui/number-field.js';
import { useShown } from '../ui/shown.js';
import { notifyWithUndo } from '../ui/notify.js';
import { useBench } from './use-bench.js';

/** A stand-in pours by hand: not quite what was wanted. */
const POURED = 0.97;
const DROP_G = 0.03;

/** A cup weighed in on the scale, one component after the other: the cup stays on it, so each is what came on top. */
export function WeighCupDialog({ cup, onClose }: { cup: CupState; onClose: () => void }) {
  const dispatch = useAppDispatch();
  const { supplies, measured } = useBench();
  const shown = useShown();
  const grams = useGrams();
  const components = cup.components.filter(({ parts }) => parts > 0);
  const what = measured(components);
  const targetsG = volumesOfCup({ ...cup, components }).map((ml, i) => gramsOf(ml, what[i] ?? { densityGPerMl: 1 }));
  const [inG, setIn] = useState<readonly number[]>(() => targetsG.map(() => 0));
  const [panG, setPan] = useState(0);
  const weighing = weighingOf(targetsG, inG, SCALE_STEP_G);
  const put = (i: number, value: number): void => {
    setIn((now) => now.map((one, at) => (at === i ? Math.max(0, Math.round(value * 100) / 100) : one)));
  };
  const next = weighing.components.findIndex(({ isIn }) => !isIn);
  const stillG = weighing.components[next]?.stillG ?? 0;
  const take = (): void => {
    const { components: taken, totalMl } = cupOfWeights(cup, inG, what);
    dispatch(cupActions.set({ components: taken, totalMl }));
    notifyWithUndo('The cup is what was weighed', () => dispatch(cupActions.undone()), {
      description: `${shown.text(totalMl, 'volume')} in all; the ratio is the one that is in it.`,
      brief: true,
    });
    onClose();
  };
  const tooLittle = weighing.worstStepPct > NOTICED_SHARE_PCT;
  return (
    <Dialog
      title="Weigh it in"
      note="The cup stays on the scale, tared empty: each component is what came on top."
      open
      onOpenChange={onClose}
    >
      <ScalePanel
        panG={panG}
        onPan={setPan}
        pours={[
          { words: 'Pour what is wanted, about', to: (now) => now + POURED * stillG },
          { words: 'A drop more', to: (now) => now + DROP_G },
          { words: 'Empty it', to: () => 0 },
        ]}
      />
      <ol className="mt-3 divide-y divide-line border-y border-line">
        {components.map((component, i) => {
          const one = weighing.components[i];
          const name = suppliesName(component, supplies);
          if (!one) return null;
          const others = inG.reduce((sum, g, at) => (at === i ? sum : sum + g), 0);
          return (
            <li key={i} className={`grid grid-cols-[minmax(0,1fr)_6.5rem_auto] items-end gap-3 py-2 ${i === next ? 'font-semibold' : ''}`}>
              <span>
                {name}
                <span className="block text-[0.8125rem] font-normal text-ink-2">
                  wanted <span className="figures">{formatNumber(one.targetG, 2)} g</span>
                  {one.isIn ? (
                    <span className="ml-2 inline-flex items-center gap-1 font-semibold text-tide">
                      <Check size={14} aria-hidden="true" /> right
                    </span>
                  ) : (
                    <>
                      {' '}
                      · still <b className="figures text-ink">{formatNumber(one.stillG, 2)} g</b>
                    </>
                  )}
                </span>
              </span>
              <SureNumberField
                label={`In it (g)`}
                value={inG[i] ?? 0}
                min={0}
                max={500}
                onChange={(value) => {
                  put(i, value);
                }}
              />
              <Button
                aria-label={`Read the scale for ${name}`}
                disabled={grams === null}
                onClick={() => {
                  if (grams === null) return;
                  if (grams < others - SCALE_STEP_G)
                    toast.error('The scale shows less than what is in already', { description: 'Is the cup on it, tared empty?' });
                  else put(i, grams - others);
                }}
              >
                Read
              </Button>
            </li>
          );
        })}
      </ol>
      {weighing.factor > 1 && (
        <p role="alert" className="mt-2 border-l-4 border-lamp pl-2">
          <b>Too much of one is in.</b> It cannot be taken out, so the others are raised to it: the cup becomes{' '}
          <span className="figures">{formatNumber(weighing.factor, 2)}</span> times what was asked for.
        </p>
      )}
      {tooLittle && (
        <p className="mt-2 font-semibold text-brick">
          So little cannot be weighed: a step of the scale is {formatNumber(weighing.worstStepPct, 0)} % of it. Mix more, or count it in
          drops.
        </p>
      )}
      <div className="mt-4 flex flex-wrap items-center gap-3">
        <Button look="ink" disabled={inG.every((one) => one === 0)} onClick={take}>
          Take what is in it
        </Button>
        <span className="text-[0.8125rem] text-ink-2">
          {weighing.isDone ? 'The ratio is right.' : 'Also when it is not as asked: the cup then tells the ratio that you have.'}
        </span>
      </div>
    </Dialog>
  );
}
