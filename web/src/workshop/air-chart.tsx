import { CartesianGrid, Legend, Line, LineChart, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import type { AirReading } from '../store/api.js';
import { useDays } from '../ui/days.js';

const AXIS = { stroke: 'var(--color-ink-3)', tick: { fill: 'var(--color-ink-2)', fontSize: 12 } } as const;
const LINE = { strokeWidth: 2, dot: false, isAnimationActive: false, legendType: 'plainline' } as const;

/** What was read in the last day: temperature drawn through, humidity dashed. */
export function AirChart({ readings }: { readings: readonly AirReading[] }) {
  const days = useDays();
  const rows = readings.map(({ at, tempC, rhPct }) => ({ at: days.time(at), tempC, rhPct }));
  return (
    <figure aria-label={`Air at the bench from ${rows[0]?.at ?? ''} to ${rows.at(-1)?.at ?? ''}`}>
      <ResponsiveContainer width="100%" height={180} initialDimension={{ width: 480, height: 180 }}>
        <LineChart data={rows} margin={{ top: 8, right: 4, bottom: 0, left: 0 }} accessibilityLayer={false}>
          <CartesianGrid stroke="var(--color-line)" strokeDasharray="2 4" />
          <XAxis dataKey="at" {...AXIS} minTickGap={40} />
          <YAxis yAxisId="temp" {...AXIS} width={40} domain={['auto', 'auto']} />
          <YAxis yAxisId="rh" orientation="right" {...AXIS} width={40} domain={[0, 100]} />
          <Legend formatter={(name) => <span style={{ color: 'var(--color-ink-2)' }}>{String(name)}</span>} />
          <Line {...LINE} yAxisId="temp" dataKey="tempC" name="°C" stroke="var(--color-ink)" />
          <Line {...LINE} yAxisId="rh" dataKey="rhPct" name="%RH" stroke="var(--color-tide)" strokeDasharray="5 3" />
        </LineChart>
      </ResponsiveContainer>
    </figure>
  );
}
