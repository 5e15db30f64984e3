import { waitAfter, type PieceOutlook } from '@eveningtide/core/schedule';
import { useId } from 'react';
import { stripsPath, type Timeline } from './timeline.js';

/** Power of the wedge: how fast wet looks dry. */
const CURVE = 1.25;
/** A point of it every so many pixels, and so many at the most. */
const SAMPLE_PX = 4;
const SAMPLES = 48;

/** Drying through evenings and nights: from each step to when the next may come, then the open window up to it. */
export function Drying({
  timeline,
  own,
  height,
  floor,
  wedge,
}: {
  timeline: Timeline;
  own: PieceOutlook;
  height: number;
  floor: number;
  wedge: number;
}) {
  const id = useId();
  const spans = own.reports.flatMap((report, i) => {
    const wait = waitAfter(own, i);
    return wait === null || !own.placed[i]
      ? []
      : [{ endMin: report.endMin, readyMin: wait.readyMin, nextMin: own.reports[i + 1]?.startMin ?? null }];
  });
  const shapes = spans.map(({ endMin, readyMin, nextMin }) => {
    const dryUntil = Math.min(readyMin, nextMin ?? Infinity);
    const lastMin = Number.isFinite(dryUntil) ? dryUntil : endMin;
    const samples = Math.max(2, Math.min(SAMPLES, Math.ceil((timeline.x(lastMin) - timeline.x(endMin)) / SAMPLE_PX)));
    const points = Array.from({ length: samples + 1 }, (_, k) => endMin + (lastMin - endMin) * (k / samples));
    const edge = points.map((minute) => {
      const wet = Number.isFinite(readyMin) && readyMin > endMin ? 1 - (minute - endMin) / (readyMin - endMin) : 1;
      return `L${timeline.x(minute).toFixed(1)} ${(floor - wedge * Math.max(0, wet) ** CURVE).toFixed(1)}`;
    });
    const from = timeline.x(endMin).toFixed(1);
    const to = timeline.x(points.at(-1) ?? endMin).toFixed(1);
    return {
      wedge: `M${from} ${String(floor)}${edge.join('')}L${to} ${String(floor)}Z`,
      readyX: Number.isFinite(readyMin) && (nextMin === null || readyMin <= nextMin) ? timeline.x(readyMin) : null,
      nextX: nextMin === null ? null : timeline.x(nextMin),
    };
  });
  const nights = stripsPath(timeline.gutters, 0, height);
  return (
    <svg width={timeline.width} height={height} className="absolute inset-0" aria-hidden="true">
      <defs>
        <clipPath id={id}>
          <path d={nights} />
        </clipPath>
      </defs>
      <path d={stripsPath(timeline.columns, 0, height)} className="fill-paper" />
      <path d={nights} className="fill-night" />
      <Shapes shapes={shapes} floor={floor} wet="fill-wet" ready="text-tide" />
      <g clipPath={`url(#${id})`}>
        <Shapes shapes={shapes} floor={floor} wet="fill-wet-lit" ready="text-tide-lit" />
      </g>
    </svg>
  );
}

function Shapes({
  shapes,
  floor,
  wet,
  ready,
}: {
  shapes: readonly { wedge: string; readyX: number | null; nextX: number | null }[];
  floor: number;
  wet: string;
  ready: string;
}) {
  return (
    <g className={ready} fill="none" stroke="currentColor" strokeWidth={1.5}>
      {shapes.map(({ wedge, readyX, nextX }, i) => (
        <g key={i}>
          <path d={wedge} className={wet} stroke="none" />
          {readyX !== null && <path d={`M${readyX.toFixed(1)} ${String(floor + 2)}v-13l6 3.5-6 3.5`} fill="currentColor" />}
          {readyX !== null && nextX !== null && nextX > readyX && <path d={`M${readyX.toFixed(1)} ${String(floor)}H${nextX.toFixed(1)}`} />}
        </g>
      ))}
    </g>
  );
}
