import { GROOVE_LIMITS } from '@eveningtide/core/sequence';
import { CartesianGrid, ComposedChart, Legend, Line, ReferenceLine, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts';

export interface ChartRow {
  step: number;
  name: string;
  face: number;
  recess: number;
  crest: number;
  /** Share of the groove that is gone, %. */
  gone: number;
}

const AXIS = { stroke: 'var(--color-ink-3)', tick: { fill: 'var(--color-ink-2)', fontSize: 12 } } as const;
/** Told apart by dash and by marks, not by colour. */
const LINES = [
  { key: 'face', name: 'face, µm', dash: '0', width: 2.5 },
  { key: 'recess', name: 'recess, µm', dash: '6 3', width: 2 },
  { key: 'crest', name: 'crest, µm', dash: '2 3', width: 2 },
] as const;

/** Film on face, recess and crest after each step; on the right how much of the groove is gone, with both limits. */
export function FilmChart({ rows, grooved }: { rows: readonly ChartRow[]; grooved: boolean }) {
  return (
    <figure className="mt-2" aria-label="Film build along the sequence; the table below holds the same figures">
      <ResponsiveContainer width="100%" height={280} initialDimension={{ width: 900, height: 280 }}>
        <ComposedChart data={[...rows]} margin={{ top: 8, right: 12, bottom: 4, left: 4 }} accessibilityLayer={false}>
          <CartesianGrid stroke="var(--color-line)" strokeDasharray="2 4" />
          <XAxis
            dataKey="step"
            {...AXIS}
            label={{ value: 'after step', position: 'insideBottomRight', offset: -2, fill: 'var(--color-ink-2)', fontSize: 12 }}
          />
          <YAxis
            yAxisId="film"
            {...AXIS}
            width={52}
            label={{ value: 'µm', position: 'insideTopLeft', fill: 'var(--color-ink-2)', fontSize: 12 }}
          />
          {grooved && (
            <YAxis
              yAxisId="gone"
              orientation="right"
              domain={[0, 100]}
              {...AXIS}
              width={52}
              label={{ value: '% gone', position: 'insideTopRight', fill: 'var(--color-ink-2)', fontSize: 12 }}
            />
          )}
          <Tooltip
            isAnimationActive={false}
            formatter={(value) => (typeof value === 'number' ? Math.round(value) : value)}
            labelFormatter={(step) => `Step ${String(Number(step))}: ${rows[Number(step) - 1]?.name ?? ''}`}
            contentStyle={{ background: 'var(--color-paper)', border: '1px solid var(--color-line-strong)', color: 'var(--color-ink)' }}
          />
          <Legend formatter={(name) => <span style={{ color: 'var(--color-ink-2)' }}>{String(name)}</span>} />
          {LINES.map(({ key, name, dash, width }) => (
            <Line
              key={key}
              yAxisId="film"
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
          {grooved && (
            <>
              <Line
                yAxisId="gone"
                type="stepAfter"
                legendType="plainline"
                dataKey="gone"
                name="groove gone, %"
                stroke="var(--color-brick)"
                strokeWidth={2.5}
                dot={{ r: 3, fill: 'var(--color-brick)' }}
                isAnimationActive={false}
              />
              <ReferenceLine
                yAxisId="gone"
                y={GROOVE_LIMITS.cautionFrom * 100}
                stroke="var(--color-brick)"
                strokeDasharray="3 3"
                label={{ value: 'caution', position: 'insideBottomLeft', fill: 'var(--color-brick)', fontSize: 12 }}
              />
              <ReferenceLine
                yAxisId="gone"
                y={GROOVE_LIMITS.snagFrom * 100}
                stroke="var(--color-brick)"
                label={{ value: 'snag', position: 'insideBottomLeft', fill: 'var(--color-brick)', fontSize: 12 }}
              />
            </>
          )}
        </ComposedChart>
      </ResponsiveContainer>
    </figure>
  );
}
