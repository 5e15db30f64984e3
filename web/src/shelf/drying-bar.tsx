import type { StageAges } from '@eveningtide/core/materials';
import { formatMinutes } from '@eveningtide/core/units';

const WIDTH = 300;
const HEIGHT = 18;
/** The axis runs from here to there, minutes, each time as many times as long: minutes and weeks are both to be read. */
const [FROM_MIN, TO_MIN] = [1, 60 * 24 * 30];
const MARKS = [1, 10, 60, 360, 1440, 10_080];

const x = (minute: number): number =>
  (Math.log(Math.min(TO_MIN, Math.max(FROM_MIN, minute)) / FROM_MIN) / Math.log(TO_MIN / FROM_MIN)) * WIDTH;

/** The marks that stand above the bars of a table. */
export const DryingAxis = () => (
  <svg width={WIDTH} height={14} className="block overflow-visible" aria-hidden="true">
    {MARKS.map((minute) => (
      <text key={minute} x={x(minute)} y={11} fontSize={11} fill="var(--color-ink-3)">
        {formatMinutes(minute)}
      </text>
    ))}
  </svg>
);

/** How a film dries: wet until the next coat may come, then hardening, then soft for its own solvent until it is proof. */
export function DryingBar({ ages: { recoatFromMin, dryHardMin, solventProofMin } }: { ages: StageAges }) {
  const [coat, hard, proof] = [x(recoatFromMin), x(dryHardMin), x(solventProofMin)];
  return (
    <svg
      width={WIDTH}
      height={HEIGHT}
      className="block"
      role="img"
      aria-label={`next coat after ${formatMinutes(recoatFromMin)}, dry-hard after ${formatMinutes(dryHardMin)}, solvent-proof after ${formatMinutes(solventProofMin)}`}
    >
      {MARKS.map((minute) => (
        <path key={minute} d={`M${String(x(minute))} 0V${String(HEIGHT)}`} stroke="var(--color-line)" strokeWidth={0.75} />
      ))}
      <path d={`M0 3H${String(coat)}V15H0z`} fill="var(--color-wet)" />
      <path d={`M${String(coat)} 3L${String(Math.max(coat, hard))} 9V15H${String(coat)}z`} fill="var(--color-wet)" fillOpacity={0.55} />
      <path d={`M${String(hard)} 12H${String(proof)}`} stroke="var(--color-ink-3)" strokeWidth={1.5} />
      <path d={`M${String(coat)} 1V17`} stroke="var(--color-tide)" strokeWidth={2.5} />
      <circle cx={proof} cy={12} r={3} fill="var(--color-field)" stroke="var(--color-ink)" strokeWidth={1.25} />
    </svg>
  );
}

/** What the signs of a bar mean. */
export const DryingLegend = () => (
  <p className="mb-2 flex flex-wrap items-center gap-x-5 gap-y-1 text-[0.8125rem] text-ink-2">
    {(
      [
        ['wet', <path key="w" d="M0 3H22V15H0z" fill="var(--color-wet)" />],
        ['next coat', <path key="c" d="M11 1V17" stroke="var(--color-tide)" strokeWidth={2.5} />],
        ['hardens', <path key="h" d="M0 3L22 9V15H0z" fill="var(--color-wet)" fillOpacity={0.55} />],
        ['solvent-proof', <circle key="p" cx={11} cy={9} r={3} fill="var(--color-field)" stroke="var(--color-ink)" strokeWidth={1.25} />],
      ] as const
    ).map(([words, sign]) => (
      <span key={words} className="inline-flex items-center gap-1.5">
        <svg width={22} height={18} aria-hidden="true">
          {sign}
        </svg>
        {words}
      </span>
    ))}
  </p>
);
