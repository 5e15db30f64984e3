import type { Step } from '@eveningtide/core/subjects';
import { editorActions } from '../store/editor.js';
import { useAppDispatch } from '../store/store.js';
import { toast } from '../store/toast.js';
import { Button } from '../ui/button.js';
import { triedOn, type Tried } from './what-if.js';
import { Range } from '../ui/range.js';

interface TryFieldsProps {
  step: Step;
  usualCoverPct: number;
  tried: Tried;
  onChange: (tried: Tried) => void;
  onTaken: () => void;
}

/** Cover, strength and thinning of the step at hand, to be tried before they are taken over. */
export function TryFields({ step, usualCoverPct, tried, onChange, onTaken }: TryFieldsProps) {
  const dispatch = useAppDispatch();
  const parts = step.dilution && 'parts' in step.dilution ? step.dilution.parts : null;
  const thinner = parts && parts[0] > 0 ? Math.round((10 * parts[1]) / parts[0]) / 10 : null;
  const cover = tried.coverPct ?? step.coverPct ?? usualCoverPct;
  const strength = Math.round(100 * (tried.strength ?? step.strength ?? 1));
  const slider = (
    label: string,
    value: number,
    words: string,
    range: { min: number; max: number; step: number },
    set: (value: number) => void,
  ) => (
    <label className="block">
      {label} <b className="figures">{words}</b>
      <Range label={label} words={words} value={value} {...range} onChange={set} />
    </label>
  );
  const isTried = tried.coverPct !== null || tried.strength !== null || tried.thinner !== null;
  return (
    <div className="mt-2 grid gap-x-4 gap-y-1 sm:grid-cols-3">
      {slider('Cover', cover, `${String(Math.round(cover))} %`, { min: 1, max: 100, step: 1 }, (coverPct) => {
        onChange({ ...tried, coverPct });
      })}
      {slider('Strength', strength, `${String(strength)} %`, { min: 5, max: 100, step: 5 }, (value) => {
        onChange({ ...tried, strength: value / 100 });
      })}
      {thinner !== null &&
        slider(
          'Thinner to one of paint',
          tried.thinner ?? thinner,
          String(tried.thinner ?? thinner),
          { min: 0, max: 20, step: 0.5 },
          (value) => {
            onChange({ ...tried, thinner: value });
          },
        )}
      <p>
        <Button
          disabled={!isTried}
          onClick={() => {
            const { coverPct, strength: taken, dilution } = triedOn(step, tried);
            dispatch(editorActions.stepPatched({ id: step.id, patch: { coverPct, strength: taken, dilution } }));
            toast('Taken over into the step');
            onTaken();
          }}
        >
          Take it over
        </Button>
      </p>
    </div>
  );
}
