import type { Learnt } from '@eveningtide/core/calibration';
import { CartesianGrid, ReferenceLine, ResponsiveContainer, Scatter, ScatterChart, Tooltip, XAxis, YAxis } from 'recharts';

const AXIS = { stroke: 'var(--color-ink-3)', tick: { fill: 'var(--color-ink-2)', fontSize: 12 } } as const;

interface Dot {
  foreseen: number;
  seen: number;
}

const rounded = (value: number): number => Math.round(value * 10) / 10;

/** Foreseen against seen: on the line it took what was foreseen, above it longer. Crosses are set aside. */
export function LearntChart({ learnt }: { learnt: readonly Learnt[] }) {
  const all = learnt.flatMap(({ cases }) => cases);
  const dots = (aside: boolean): Dot[] =>
    all
      .filter(({ setAside }) => (setAside !== null) === aside)
      .map((one) => ({ foreseen: rounded(one.foreseenMin), seen: rounded(one.seenMin) }));
  const most = Math.ceil(Math.max(10, ...all.flatMap(({ foreseenMin, seenMin }) => [foreseenMin, seenMin])) * 1.05);
  // both axes alike, so that the line between them is at half a right angle
  const scale = { type: 'number' as const, unit: ' min', domain: [0, most] as [number, number], ...AXIS };
  const title = (value: string) => ({ value, fill: 'var(--color-ink-2)', fontSize: 12 });
  return (
    <figure aria-label="Minutes foreseen against minutes seen; the tables hold the same figures">
      <ResponsiveContainer width="100%" height={240} initialDimension={{ width: 380, height: 240 }}>
        <ScatterChart margin={{ top: 8, right: 12, bottom: 16, left: 4 }} accessibilityLayer={false}>
          <CartesianGrid stroke="var(--color-line)" strokeDasharray="2 4" />
          <XAxis
            {...scale}
            dataKey="foreseen"
            name="foreseen"
            label={{ ...title('foreseen, min'), position: 'insideBottomRight', offset: -8 }}
          />
          <YAxis {...scale} dataKey="seen" name="seen" width={52} label={{ ...title('seen'), position: 'insideTopLeft' }} />
          <ReferenceLine
            segment={[
              { x: 0, y: 0 },
              { x: most, y: most },
            ]}
            stroke="var(--color-ink-3)"
            strokeDasharray="4 3"
          />
          <Tooltip
            isAnimationActive={false}
            contentStyle={{ background: 'var(--color-paper)', border: '1px solid var(--color-line-strong)', color: 'var(--color-ink)' }}
          />
          <Scatter data={dots(false)} fill="var(--color-ink)" shape="circle" isAnimationActive={false} />
          <Scatter data={dots(true)} fill="var(--color-ink-3)" shape="cross" isAnimationActive={false} />
        </ScatterChart>
      </ResponsiveContainer>
    </figure>
  );
}
