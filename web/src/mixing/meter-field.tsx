import { averagedColour, hexOfLab, labOf, type Lab } from '@eveningtide/core/colour';
import { formatNumber } from '@eveningtide/core/units';
import { X } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { StandIn } from '../devices/stand-in.js';
import { useMeasureColourMutation } from '../store/api.js';
import { useDevice } from '../store/devices.js';
import { Button } from '../ui/button.js';
import { ColourField } from '../ui/colour-field.js';
import { useDays } from '../ui/days.js';
import { Swatch } from '../ui/swatch.js';
import { notifyFailure } from '../ui/notify.js';
import { Delta } from '../ui/delta.js';
import type { Target } from './target.js';

/** So many readings are usual on a weathered surface (our number): more halve the doubt only at four times as many. */
const ENOUGH = 5;

const labWords = ({ l, a, b }: Lab): string => `L* ${formatNumber(l, 1)}, a* ${formatNumber(a, 1)}, b* ${formatNumber(b, 1)}`;

/** A colour read off the piece by the meter, several times, as one mean reading is worth little on a rough surface. */
export function MeterField({ onChange }: { onChange: (target: Target) => void }) {
  const meter = useDevice('colour-meter');
  const days = useDays();
  const [measure, { isLoading }] = useMeasureColourMutation();
  const [readings, setReadings] = useState<readonly Lab[]>([]);
  const [against, setAgainst] = useState('#6f4a36');
  const take = (next: readonly Lab[]): void => {
    setReadings(next);
    if (next.length > 0)
      onChange({
        lab: averagedColour(next).mean,
        from: next.length === 1 ? 'one reading of the colour meter' : `the mean of ${String(next.length)} readings of the colour meter`,
      });
  };
  const read = async (): Promise<void> => {
    try {
      const { l, a, b } = await measure(labOf(against)).unwrap();
      take([...readings, { l, a, b }]);
    } catch (error) {
      notifyFailure('Nothing was read', error);
    }
  };
  if (!meter)
    return (
      <p className="col-span-3 border border-line px-3 py-2">
        The colour meter is off: choose “CIELAB figures” and type them, or{' '}
        <Link to="/workshop" className="underline">
          switch it on in Workshop
        </Link>
        .
      </p>
    );
  const averaged = readings.length > 0 ? averagedColour(readings) : null;
  return (
    <div className="col-span-3">
      <div className="flex flex-wrap items-center gap-3">
        <Button look="ink" disabled={isLoading || meter.isSilent} onClick={() => void read()}>
          Read
        </Button>
        {readings.length > 0 && (
          <Button
            onClick={() => {
              setReadings([]);
            }}
          >
            Begin anew
          </Button>
        )}
        <span className="text-[0.8125rem] text-ink-2">
          {readings.length < ENOUGH
            ? `Lift it and set it down anew for each: ${String(ENOUGH)} are usual on a rough surface.`
            : 'Four times as many readings halve the doubt.'}
        </span>
      </div>
      {meter.isSilent && (
        <p role="status" className="mt-2 font-semibold text-brick">
          The colour meter does not answer.{' '}
          {meter.last === null
            ? 'Choose “CIELAB figures” and type them.'
            : `Its last word, ${days.time(meter.last.at)}: ${labWords(meter.last)}. What was read stands; or type figures.`}
        </p>
      )}
      {averaged && (
        <p role="status" className="mt-2 flex items-center gap-2">
          <Swatch colour={hexOfLab(averaged.mean)} size={22} />
          <span>
            <b className="figures">{labWords(averaged.mean)}</b>
            <span className="block text-[0.8125rem] text-ink-2">
              {averaged.plusMinusDe00 === null ? (
                'One reading: how much it wavers is not known.'
              ) : (
                <>
                  mean of {readings.length}, <Delta de00={null} plusMinus={averaged.plusMinusDe00} />; one reading wavers by ΔE₀₀{' '}
                  <span className="figures">{formatNumber(averaged.spreadDe00 ?? 0, 1)}</span>
                </>
              )}
            </span>
          </span>
        </p>
      )}
      {readings.length > 1 && (
        <ul aria-label="Readings" className="mt-2 space-y-0.5 text-[0.8125rem]">
          {readings.map((one, i) => (
            <li key={i} className="flex items-center gap-2">
              <Swatch colour={hexOfLab(one)} /> <span className="figures">{labWords(one)}</span>
              <button
                type="button"
                aria-label={`Drop reading ${String(i + 1)}`}
                className="rounded-sm p-1 hover:bg-ground"
                onClick={() => {
                  take(readings.filter((_, at) => at !== i));
                }}
              >
                <X size={14} aria-hidden="true" />
              </button>
            </li>
          ))}
        </ul>
      )}
      <StandIn>
        <ColourField label="It is held against" className="w-40" value={against} onChange={setAgainst} />
      </StandIn>
    </div>
  );
}
