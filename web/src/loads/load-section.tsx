import { acrossOf, type CutPoint, type Load, type LoadFacts } from '@eveningtide/core/loads';
import { formatNumber } from '@eveningtide/core/units';

const path = (points: readonly CutPoint[]): string => `M${points.map(([x, y]) => `${x.toFixed(2)},${y.toFixed(2)}`).join('L')}Z`;

/** Thickness of a wagon's side in the drawing, mm. */
const WALL_MM = 1.2;

/** The load from the end, to scale: sides, former, and the grains over it. */
export function LoadSection({ load, facts }: { load: Load; facts: LoadFacts }) {
  const { widthMm, depthMm, profile, grains } = load;
  const { surface, former } = acrossOf(load);
  const top = Math.max(depthMm, ...surface.map(([, up]) => up));
  const floor: CutPoint[] = [
    [widthMm, 0],
    [0, 0],
  ];
  const grainMm = Math.max(0.6, ...grains.map((one) => one.grainMm));
  const words = `Seen from the end: ${formatNumber(widthMm)} mm wide, ${formatNumber(depthMm)} mm to the edge, ${formatNumber(facts.crestMm, 1)} mm ${profile === 'hollow' ? 'hollow' : 'over it'}.`;
  return (
    <figure>
      <h1 className="hidden text-xl font-bold print:block">{load.name}</h1>
      <svg
        role="img"
        aria-label={words}
        viewBox={`${String(-WALL_MM - 1)} ${String(-top - 1)} ${String(widthMm + 2 * WALL_MM + 2)} ${String(top + WALL_MM + 2)}`}
        className="max-h-56 w-full border border-line bg-paper [print-color-adjust:exact]"
      >
        <defs>
          <pattern id="grains" width={grainMm * 1.5} height={grainMm * 1.3} patternUnits="userSpaceOnUse">
            <circle cx={grainMm * 0.4} cy={grainMm * 0.35} r={grainMm * 0.42} className="fill-ink-2" />
            <circle cx={grainMm * 1.12} cy={grainMm * 0.95} r={grainMm * 0.36} className="fill-ink-3" />
          </pattern>
        </defs>
        <g transform="scale(1 -1)">
          <path d={path([...surface, ...floor])} fill="url(#grains)" className="stroke-ink" strokeWidth={0.25} />
          {former && <path d={path([...former, ...floor])} className="fill-field stroke-ink-3" strokeWidth={0.2} />}
          <path
            d={`M${String(-WALL_MM)},${String(depthMm)}V${String(-WALL_MM)}H${String(widthMm + WALL_MM)}V${String(depthMm)}H${String(widthMm)}V0H0V${String(depthMm)}Z`}
            className="fill-ink"
          />
        </g>
      </svg>
      <figcaption className="mt-1 text-[0.8125rem] text-ink-2 print:text-sheet">
        {words}
        {load.note !== '' && ` ${load.note}`}
        {load.consist !== '' && ` Runs in: ${load.consist}.`}
      </figcaption>
    </figure>
  );
}
