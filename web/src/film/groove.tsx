import { formatNumber } from '@eveningtide/core/units';

export interface GrooveAt {
  step: number;
  name: string;
  /** What is left open, µm; null where there is none of it. */
  widthUm: number | null;
  depthUm: number | null;
  /** Share that is gone, 0 to 1. */
  lost: number;
}

const WIDTH_PX = 88;
const HEIGHT_PX = 46;
const LAND_PX = 16;

/** A groove cut across, as wide and deep as it was, with what the coats have left open of it. */
export function Groove({ at, bare }: { at: GrooveAt; bare: GrooveAt }) {
  const wide = bare.widthUm ?? bare.depthUm ?? 1;
  const deep = bare.depthUm ?? wide;
  const scale = Math.min((WIDTH_PX - 2 * LAND_PX) / wide, (HEIGHT_PX - 12) / deep);
  const [w, d] = [wide * scale, deep * scale];
  const left = (WIDTH_PX - w) / 2;
  const top = 10;
  const openW = ((at.widthUm ?? wide) / wide) * w;
  const openD = ((at.depthUm ?? deep) / deep) * d;
  const x = (WIDTH_PX - openW) / 2;
  const gone = `${formatNumber(at.lost * 100, 0)} % gone`;
  return (
    <figure className="m-0 text-center text-[0.8125rem]">
      <svg width={WIDTH_PX} height={HEIGHT_PX} role="img" aria-label={`The groove after step ${String(at.step)}: ${gone}`}>
        <rect x={0} y={top} width={WIDTH_PX} height={HEIGHT_PX - top} fill="var(--color-cut)" />
        {/* paint in the groove, then what is still open */}
        <rect x={left} y={top} width={w} height={d} fill="var(--color-tide)" />
        <rect x={x} y={top - 1} width={openW} height={openD + 1} fill="var(--color-field)" />
        <path
          d={`M0 ${String(top)}H${String(left)}v${String(d)}h${String(w)}v${String(-d)}H${String(WIDTH_PX)}`}
          fill="none"
          stroke="var(--color-ink)"
          strokeWidth={1}
        />
      </svg>
      <figcaption className="leading-tight">
        <span className="figures">{gone}</span>
        <span className="block text-ink-2">{at.step === 0 ? 'bare' : `after ${String(at.step)}, ${at.name.toLowerCase()}`}</span>
      </figcaption>
    </figure>
  );
}
