import type { Workshop } from '@eveningtide/core/schedule';
import { useForm } from 'react-hook-form';
import { useSaveWorkshopMutation, type StoredWorkshop } from '../store/api.js';
import { Button } from '../ui/button.js';
import { Dialog } from '../ui/dialog.js';
import { Field } from '../ui/field.js';
import { notifyFailure } from '../ui/notify.js';
import { useShown } from '../ui/shown.js';

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

/** The air at the bench, evening and night, typed in. */
export function ClimateDialog({ stored, onClose }: { stored: StoredWorkshop; onClose: () => void }) {
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
