import { lazy, Suspense } from 'react';
import { useAirReadingsQuery, useDevicesQuery, useSetDeviceMutation } from '../store/api.js';
import { Check } from '../ui/check.js';
import { toldFailure } from '../ui/told.js';
import { Section } from './section.js';

const AirChart = lazy(async () => ({ default: (await import('./air-chart.js')).AirChart }));

/** The history is asked for again so often. */
const HISTORY_MS = 300_000;

/** Devices at the bench: stand-ins that ship with the app, and say that they are. */
export function DevicesSection() {
  const { data: devices } = useDevicesQuery();
  const { data: readings = [] } = useAirReadingsQuery(undefined, { pollingInterval: HISTORY_MS });
  const [set] = useSetDeviceMutation();
  return (
    <Section
      title="Devices"
      note="Simulated stand-ins: no real device is asked. Their readings take the place of the air you typed for the evening."
    >
      {devices?.map(({ id, name, on, isSilent, last }) => {
        const change = (to: { on: boolean; isSilent: boolean }): void => {
          set({ id, ...to })
            .unwrap()
            .catch((error: unknown) => {
              toldFailure(`${name} was not switched`, error);
            });
        };
        return (
          <div key={id}>
            <h3 className="font-semibold">{name} (simulated)</h3>
            <Check
              checked={on}
              onChange={(wanted) => {
                change({ on: wanted, isSilent: false });
              }}
            >
              On: it reads the air every ten seconds
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
                    : `${isSilent ? 'Silent. Last read' : 'Read'} at ${last.at.slice(11, 16)}: ${last.tempC.toFixed(1)} °C, ${last.rhPct.toFixed(0)} %RH.`}
                </p>
                {readings.length > 1 && (
                  <Suspense fallback={null}>
                    <AirChart readings={readings} />
                  </Suspense>
                )}
              </>
            )}
          </div>
        );
      })}
    </Section>
  );
}
