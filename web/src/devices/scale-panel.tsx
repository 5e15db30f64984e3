import { SCALE_MOST_G } from '@eveningtide/core/devices';
import { Link } from 'react-router';
import { usePutOnPanMutation } from '../store/api.js';
import { useDevice } from '../store/devices.js';
import { Button } from '../ui/button.js';
import { useDays } from '../ui/days.js';
import { SureNumberField } from '../ui/number-field.js';
import { notifyFailure } from '../ui/notify.js';
import { StandIn } from './stand-in.js';

/** What the stand-in can do to its pan: add so many grams, or have so many on it. */
export interface Pour {
  words: string;
  /** Grams on the pan after it. */
  to: (nowG: number) => number;
}

/** What the scale shows, and the pan of its stand-in. */
export function ScalePanel({ panG, onPan, pours }: { panG: number; onPan: (grams: number) => void; pours: readonly Pour[] }) {
  const scale = useDevice('scale');
  const days = useDays();
  const [put, { isLoading }] = usePutOnPanMutation();
  const setPan = (grams: number): void => {
    onPan(grams);
    put(grams)
      .unwrap()
      .catch((error: unknown) => {
        notifyFailure('Nothing was put on the scale', error);
      });
  };
  if (!scale)
    return (
      <p className="border border-line px-3 py-2">
        The scale is off: type what you weighed, or{' '}
        <Link to="/workshop" className="underline">
          switch it on in Workshop
        </Link>
        .
      </p>
    );
  const { last, isSilent } = scale;
  return (
    <div className="border border-line-strong bg-paper px-3 py-2">
      <p role="group" aria-label="What the scale shows" className="flex flex-wrap items-baseline justify-between gap-x-4">
        <span className="figures text-3xl font-bold">
          {last === null ? '– g' : last.grams === null ? 'too much' : `${last.grams.toFixed(2)} g`}
        </span>
        {/* the figure flickers each second: only how it stands is said aloud */}
        <span role="status" className={isSilent ? 'font-semibold text-brick' : 'text-ink-2'}>
          {isSilent
            ? `Silent: its last word, ${last ? days.time(last.at) : 'none'}. Type what you weigh.`
            : last === null
              ? 'Nothing was read yet'
              : last.grams === null
                ? `More than ${String(SCALE_MOST_G)} g: take something off`
                : last.isSteady
                  ? 'at rest'
                  : 'swings, wait for it'}
        </span>
      </p>
      <StandIn>
        <SureNumberField
          label="On its pan (g)"
          className="w-28"
          value={Math.round(panG * 100) / 100}
          min={0}
          max={2 * SCALE_MOST_G}
          onChange={(grams) => {
            setPan(grams);
          }}
        />
        {pours.map(({ words, to }) => (
          <Button
            key={words}
            small
            disabled={isLoading}
            onClick={() => {
              setPan(Math.max(0, Math.round(to(panG) * 1000) / 1000));
            }}
          >
            {words}
          </Button>
        ))}
      </StandIn>
    </div>
  );
}

/** Grams that can be read off now; null while it is off, silent, swinging or has too much on it. */
export function useGrams(): number | null {
  const scale = useDevice('scale');
  return scale && !scale.isSilent && scale.last?.isSteady === true ? scale.last.grams : null;
}
