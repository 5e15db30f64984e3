import type { AnyDeviceState, DeviceId } from '@eveningtide/core/devices';
import { formatNumber } from '@eveningtide/core/units';
import { lazy, Suspense } from 'react';
import { useAirReadingsQuery, useDevicesQuery, useSetDeviceMutation } from '../store/api.js';
import { Check } from '../ui/check.js';
import { useDays } from '../ui/days.js';
import { notifyFailure } from '../ui/notify.js';
import { Section } from './section.js';

const AirChart = lazy(async () => ({ default: (await import('./air-chart.js')).AirChart }));

/** The history is asked for again so often. */
const HISTORY_MS = 300_000;

/** What each is for. */
const WORDS: Record<DeviceId, string> = {
  hygrometer: 'On: it reads the air every ten seconds, in place of what you typed for the evening',
  scale: 'On: to weigh a cup in on Mixing, and a piece or its load',
  'colour-meter': 'On: to read a colour to match on Mixing',
};

/** Devices at the bench: stand-ins that ship with the app, and say that they are. */
export function DevicesSection() {
  const { data: devices } = useDevicesQuery();
  return (
    <Section
      title="Devices"
      note="Simulated stand-ins: no real device is asked. One that is off or falls silent stops nothing: its last word stands, or you type."
    >
      <div className="space-y-3">
        {devices?.map((device) => (
          <DevicePart key={device.id} device={device} />
        ))}
      </div>
    </Section>
  );
}

function DevicePart({ device }: { device: AnyDeviceState }) {
  const { id, name, on, isSilent, last } = device;
  const days = useDays();
  const [set] = useSetDeviceMutation();
  const change = (to: { on: boolean; isSilent: boolean }): void => {
    set({ id, ...to })
      .unwrap()
      .catch((error: unknown) => {
        notifyFailure(`${name} was not switched`, error);
      });
  };
  return (
    <div role="group" aria-label={name}>
      <h4 className="font-semibold">{name} (simulated)</h4>
      <Check
        checked={on}
        onChange={(wanted) => {
          change({ on: wanted, isSilent: false });
        }}
      >
        {WORDS[id]}
      </Check>
      {on && (
        <>
          <Check
            checked={isSilent}
            onChange={(wanted) => {
              change({ on, isSilent: wanted });
            }}
          >
            Let it fall silent, as with an empty battery
          </Check>
          <p role="status" className={isSilent ? 'font-semibold text-brick' : 'text-ink-2'}>
            {last === null
              ? 'Nothing was read yet.'
              : `${isSilent ? 'Silent. Last read' : 'Read'} at ${days.time(last.at)}: ${readingWords(device)}.`}
          </p>
          {id === 'hygrometer' && <History />}
        </>
      )}
    </div>
  );
}

function readingWords({ id, last }: AnyDeviceState): string {
  if (last === null) return '';
  switch (id) {
    case 'hygrometer':
      return `${last.tempC.toFixed(1)} °C, ${last.rhPct.toFixed(0)} %RH`;
    case 'scale':
      return last.grams === null ? 'too much on it' : `${formatNumber(last.grams, 2)} g`;
    case 'colour-meter':
      return `L* ${formatNumber(last.l, 1)}, a* ${formatNumber(last.a, 1)}, b* ${formatNumber(last.b, 1)}`;
  }
}

/** What the hygrometer read in the last day. */
function History() {
  const { data: readings = [] } = useAirReadingsQuery(undefined, { pollingInterval: HISTORY_MS });
  if (readings.length < 2) return null;
  return (
    <Suspense fallback={null}>
      <AirChart readings={readings} />
    </Suspense>
  );
}
