import { dewPointC } from '@eveningtide/core/climate';
import { useState } from 'react';
import { useWorkshopQuery } from '../store/api.js';
import { useBenchAir } from '../store/air.js';
import { Button } from '../ui/button.js';
import { useDays } from '../ui/days.js';
import { useShown } from '../ui/shown.js';
import { useFetchedAhead } from '../ui/when-idle.js';

const load = () => import('./climate-dialog.js');

/** Foot of the rail: the air at the bench, as read or as the painter typed it. */
export function BenchClimate() {
  const { data } = useWorkshopQuery();
  const bench = useBenchAir();
  const [open, setOpen] = useState(false);
  const shown = useShown();
  const days = useDays();
  const code = useFetchedAhead(load, open);
  if (!data || !bench) return null;
  const { night } = data.workshop.climate;
  const { air: evening, from, at, isSilent } = bench;
  return (
    <section aria-label="Bench climate" className="border-t border-line-strong px-3.5 pt-3">
      <h2 className="flex justify-between text-[0.8125rem] font-semibold">
        At the bench <span className="font-normal text-ink-2">{from === 'typed' ? 'typed' : days.time(at ?? '')}</span>
      </h2>
      {from === 'hygrometer' && (
        <p className="text-[0.8125rem] text-ink-2">{isSilent ? 'hygrometer silent: its last word' : 'simulated hygrometer'}</p>
      )}
      <p className="figures my-1 flex justify-between text-[0.9375rem] font-semibold">
        <span>{shown.text(evening.tempC, 'temperature')}</span>
        <span>{evening.rhPct.toFixed(0)} %RH</span>
      </p>
      <p className="flex justify-between text-[0.8125rem] text-ink-2">
        dew point <span className="figures">{shown.text(dewPointC(evening), 'temperature')}</span>
      </p>
      <p className="flex justify-between text-[0.8125rem] text-ink-2">
        night{' '}
        <span className="figures">
          {shown.text(night.tempC, 'temperature')} {night.rhPct.toFixed(0)} %
        </span>
      </p>
      <Button
        small
        className="mt-2 w-full justify-center"
        onClick={() => {
          setOpen(true);
        }}
      >
        Set the air …
      </Button>
      {open && code && (
        <code.ClimateDialog
          stored={data}
          onClose={() => {
            setOpen(false);
          }}
        />
      )}
    </section>
  );
}
