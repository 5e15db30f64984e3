import type { Evening, Job } from '@eveningtide/core/tonight';
import { techniqueById } from '@eveningtide/core/techniques';
import { useDays } from '../ui/days.js';

const WIDTH = 744;
const LABEL_PX = 8.2;
const MARK_EVERY_MIN = 30;

const LOOK: Record<Job['state'], string> = {
  done: 'fill-ground stroke-line-strong',
  running: 'fill-lamp stroke-ink',
  planned: 'fill-paper stroke-ink',
};

/** The evening from end to end: what is done, what is on, what comes, and where the clock stands. */
export function Ribbon({ evening, nowMin, chosen }: { evening: Evening; nowMin: number; chosen: string | null }) {
  const days = useDays();
  const { span, jobs, cleanings } = evening;
  const fromMin = Math.min(span.fromMin, ...jobs.map(({ startMin }) => startMin));
  const toMin = Math.max(span.toMin, ...jobs.map(({ endMin }) => endMin));
  const x = (minute: number): number => ((minute - fromMin) / (toMin - fromMin)) * WIDTH;
  const marks: number[] = [];
  for (let at = Math.ceil(fromMin / MARK_EVERY_MIN) * MARK_EVERY_MIN; at <= toMin; at += MARK_EVERY_MIN) marks.push(at);
  const done = jobs.filter(({ state }) => state === 'done').length;
  return (
    <svg
      viewBox={`-2 0 ${String(WIDTH + 4)} 54`}
      className="block h-[3.375rem] w-full max-w-[48rem]"
      role="img"
      aria-label={`The evening from ${days.clock(fromMin)} to ${days.clock(toMin)}: ${String(done)} of ${String(jobs.length)} jobs are done`}
    >
      {marks.map((at) => (
        <g key={at}>
          <path d={`M${String(x(at))} 30V35`} stroke="var(--color-line-strong)" />
          <text
            x={x(at)}
            y={51}
            textAnchor={x(at) < 20 ? 'start' : x(at) > WIDTH - 20 ? 'end' : 'middle'}
            className="figures fill-ink-2 text-[15px]"
          >
            {days.clock(at)}
          </text>
        </g>
      ))}
      <path d={`M0 30.5H${String(WIDTH)}`} stroke="var(--color-line-strong)" />
      {cleanings.map((c) => (
        <foreignObject key={c.fromMin} x={x(c.fromMin)} y={5} width={Math.max(1, x(c.toMin) - x(c.fromMin) - 1)} height={25}>
          <div className="hatched h-full border border-ink" />
        </foreignObject>
      ))}
      {jobs.map((job) => {
        const width = Math.max(3, x(job.endMin) - x(job.startMin) - 1);
        const name = techniqueById(job.step.technique).name;
        return (
          <g key={job.id}>
            <rect
              x={x(job.startMin)}
              y={5}
              width={width}
              height={25}
              className={LOOK[job.state]}
              strokeWidth={job.id === chosen ? 2.5 : 1}
            />
            {name.length * LABEL_PX < width && (
              <text
                x={x(job.startMin) + width / 2}
                y={23}
                textAnchor="middle"
                className={`text-[15px] font-semibold ${job.state === 'running' ? 'fill-[#131d28]' : job.state === 'done' ? 'fill-ink-2' : 'fill-ink'}`}
              >
                {name}
              </text>
            )}
          </g>
        );
      })}
      {nowMin >= fromMin && nowMin <= toMin && (
        <path d={`M${String(x(nowMin) - 6)} 0h12l-6 8zM${String(x(nowMin) - 6)} 37h12l-6 -8z`} className="fill-ink" />
      )}
    </svg>
  );
}
