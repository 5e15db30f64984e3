import { CartesianGrid, Legend, Line, LineChart, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts';

export interface ChartRow {
  step: number;
  name: string;
  face: number;
  recess: number;
  crest: number;
}

const AXIS = { stroke: 'var(--color-ink-3)', tick: { fill: 'var(--color-ink-2)', fontSize: 12 } } as const;
/** Told apart by dash and by marks, not by colour. */
const LINES = [
  { key: 'face', name: 'on the face', dash: '0', width: 2.5 },
  { key: 'recess', name: 'in the recesses', dash: '6 3', width: 2 },
  { key: 'crest', name: 'on the edges', dash: '2 3', width: 2 },
] as const;

/** Film on face, recess and crest after each step. */
export function FilmChart({ rows }: { rows: readonly ChartRow[] }) {
  return (
    <figure className="mt-2" aria-label="Film build along the sequence; the table below holds the same figures">
      <ResponsiveContainer width="100%" height={220} initialDimension={{ width: 900, height: 220 }}>
        <LineChart data={[...rows]} margin={{ top: 8, right: 12, bottom: 4, left: 4 }} accessibilityLayer={false}>
          <CartesianGrid stroke="var(--color-line)" strokeDasharray="2 4" />
          <XAxis
            dataKey="step"
            {...AXIS}
            label={{ value: 'after step', position: 'insideBottomRight', offset: -2, fill: 'var(--color-ink-2)', fontSize: 12 }}
          />
          <YAxis {...AXIS} width={52} label={{ value: 'µm', position: 'insideTopLeft', fill: 'var(--color-ink-2)', fontSize: 12 }} />
          <Tooltip
            isAnimationActive={false}
            formatter={(value) => (typeof value === 'number' ? `${String(Math.round(value))} µm` : value)}
            labelFormatter={(step) => `Step ${String(Number(step))}: ${rows[Number(step) - 1]?.name ?? ''}`}
            contentStyle={{ background: 'var(--color-paper)', border: '1px solid var(--color-line-strong)', color: 'var(--color-ink)' }}
          />
          <Legend formatter={(name) => <span style={{ color: 'var(--color-ink-2)' }}>{String(name)}</span>} />
          {LINES.map(({ key, name, dash, width }) => (
            <Line
              key={key}
              type="stepAfter"
              legendType="plainline"
              dataKey={key}
              name={name}
              stroke="var(--color-ink)"
              strokeDasharray={dash}
              strokeWidth={width}
              dot={false}
              isAnimationActive={false}
            />
          ))}
        </LineChart>
      </ResponsiveContainer>
    </figure>
  );
}
