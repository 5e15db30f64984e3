import { dewPointC } from '@eveningtide/core/climate';
import type { Workshop } from '@eveningtide/core/schedule';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { useSaveWorkshopMutation, useWorkshopQuery, type StoredWorkshop } from '../store/api.js';
import { useBenchAir } from '../store/air.js';
import { Button } from '../ui/button.js';
import { Dialog } from '../ui/dialog.js';
import { Field } from '../ui/field.js';
import { useShown } from '../ui/shown.js';
import { notifyFailure } from '../ui/notify.js';

/** Foot of the rail: the air at the bench, as read or as the painter typed it. */
export function BenchClimate() {
  const { data } = useWorkshopQuery();
  const bench = useBenchAir();
  const [open, setOpen] = useState(false);
  const shown = useShown();
  if (!data || !bench) return null;
  const { night } = data.workshop.climate;
  const { air: evening, from, at, isSilent } = bench;
  return (
    <section aria-label="Bench climate" className="border-t border-line-strong px-3.5 pt-3">
      <h2 className="flex justify-between text-[0.8125rem] font-semibold">
        At the bench <span className="font-normal text-ink-2">{from === 'typed' ? 'typed' : (at ?? '').slice(11, 16)}</span>
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
      {open && (
        <ClimateDialog
          stored={data}
          onClose={() => {
            setOpen(false);
          }}
        />
      )}
    </section>
  );
}

interface ClimateForm {
  eveningTempC: number;
  eveningRhPct: number;
  nightTempC: number;
  nightRhPct: number;
  careful: boolean;
}

const FIELDS = [
  { name: 'eveningTempC', label: 'Evening, temperature', isTemperature: true, min: -10, max: 60 },
  { name: 'eveningRhPct', label: 'Evening, humidity (%RH)', isTemperature: false, min: 1, max: 100 },
  { name: 'nightTempC', label: 'Night, temperature', isTemperature: true, min: -10, max: 60 },
  { name: 'nightRhPct', label: 'Night, humidity (%RH)', isTemperature: false, min: 1, max: 100 },
] as const;

function ClimateDialog({ stored, onClose }: { stored: StoredWorkshop; onClose: () => void }) {
  const [save] = useSaveWorkshopMutation();
  const { climate, careful } = stored.workshop;
  const shown = useShown();
  const { register, handleSubmit, formState } = useForm<ClimateForm>({
    defaultValues: {
      eveningTempC: shown.figure(climate.evening.tempC, 'temperature'),
      eveningRhPct: climate.evening.rhPct,
      nightTempC: shown.figure(climate.night.tempC, 'temperature'),
      nightRhPct: climate.night.rhPct,
      careful,
    },
  });
  const submit = handleSubmit(async (form) => {
    const workshop: Workshop = {
      ...stored.workshop,
      careful: form.careful,
      climate: {
        ...climate,
        evening: { tempC: shown.si(form.eveningTempC, 'temperature'), rhPct: form.eveningRhPct },
        night: { tempC: shown.si(form.nightTempC, 'temperature'), rhPct: form.nightRhPct },
      },
    };
    try {
      await save({ version: stored.version, workshop }).unwrap();
      onClose();
    } catch (error) {
      notifyFailure('The air was not saved', error);
    }
  });
  return (
    <Dialog
      title="Air at the bench"
      note="Most drying happens at night, so both count. Read them off a thermometer with a hygrometer."
      open
      onOpenChange={(open) => {
        if (!open) onClose();
      }}
    >
      <form
        noValidate
        onSubmit={(event) => {
          void submit(event);
        }}
        className="grid grid-cols-2 gap-3"
      >
        {FIELDS.map(({ name, label: plain, isTemperature, ...limits }) => {
          const [min, max] = isTemperature
            ? [shown.figure(limits.min, 'temperature'), shown.figure(limits.max, 'temperature')]
            : [limits.min, limits.max];
          const label = isTemperature ? `${plain} (${shown.unit('temperature')})` : plain;
          const allowed = `a number from ${String(min)} to ${String(max)}`;
          return (
            <Field key={name} label={label} error={formState.errors[name] ? `Allowed: ${allowed}` : undefined}>
              {(ids) => (
                <input
                  {...ids}
                  type="number"
                  step="0.1"
                  className="field figures"
                  {...register(name, {
                    valueAsNumber: true,
                    validate: (value) => (Number.isFinite(value) && value >= min && value <= max) || allowed,
                  })}
                />
              )}
            </Field>
          );
        })}
        <label className="col-span-2 flex items-start gap-2">
          <input type="checkbox" className="mt-1" {...register('careful')} />
          <span>
            Plan with careful drying times
            <span className="block text-[0.8125rem] text-ink-2">
              They hold four times out of five (P80); typical ones hold every second time (P50).
            </span>
          </span>
        </label>
        <div className="col-span-2 flex justify-end gap-2">
          <Button onClick={onClose}>Cancel</Button>
          <Button look="ink" type="submit">
            Save
          </Button>
        </div>
      </form>
    </Dialog>
  );
}
