import { GROWTH, type Planting } from '@eveningtide/core/planting';
import { formatNumber } from '@eveningtide/core/units';

const LEAST_WIDTH_MM = 60;
const GROUND_MM = 3;
const BLADE_EVERY_MM = 0.9;

/** What grows on a ground, seen from the side and to scale: growths as their share of it, each plant once. */
export function GrowthSection({ planting: { name, growths, plants } }: { planting: Planting }) {
  const laid = growths.map((growth) => ({ ...growth, highMm: growth.fibreMm ?? GROWTH[growth.kind].highMm }));
  const set = plants.filter(({ count }) => count > 0);
  const top = Math.max(4, ...laid.map(({ highMm }) => highMm), ...set.map(({ heightMm }) => heightMm));
  // at least twice as wide as it is high
  const widthMm = Math.max(LEAST_WIDTH_MM, 2 * top);
  const each = widthMm / Math.max(1, set.length);
  const words = [
    ...laid.map(({ name: called, highMm, sharePct }) => `${called}, ${formatNumber(highMm, 1)} mm on ${formatNumber(sharePct)} %`),
    ...set.map(({ name: called, heightMm, count }) => `${called}, up to ${formatNumber(heightMm)} mm, ${String(count)} of them`),
  ].join('; ');
  return (
    <figure>
      <svg
        role="img"
        aria-label={`${name} from the side: ${words}`}
        viewBox={`0 ${String(-top - 1)} ${String(widthMm)} ${String(top + GROUND_MM + 1)}`}
        className="max-h-40 w-full border border-line bg-paper [print-color-adjust:exact]"
      >
        <rect x={0} y={0} width={widthMm} height={GROUND_MM} className="fill-field stroke-ink" strokeWidth={0.2} />
        {laid.map(({ id, kind, highMm, sharePct, colour }) =>
          kind === 'grass' ? (
            <path
              key={id}
              d={bladesOf((widthMm * sharePct) / 100, highMm)}
              fill="none"
              stroke={colour ?? 'currentColor'}
              className="text-ink-2"
              strokeWidth={0.25}
            />
          ) : (
            <rect
              key={id}
              x={0}
              y={-highMm}
              width={(widthMm * sharePct) / 100}
              height={highMm}
              fill={colour ?? 'currentColor'}
              className="text-ink-3"
            />
          ),
        )}
        {set.map(({ id, plant, acrossMm, heightMm }, i) => {
          const x = each * (i + 0.5);
          const trunk = plant === 'tree' ? heightMm * 0.35 : 0;
          return (
            <g key={id} className="fill-none stroke-ink" strokeWidth={0.35}>
              {trunk > 0 && <path d={`M${String(x)} 0V${String(-trunk)}`} />}
              <ellipse cx={x} cy={-(heightMm + trunk) / 2} rx={Math.min(acrossMm, each) / 2} ry={(heightMm - trunk) / 2} />
            </g>
          );
        })}
      </svg>
      <figcaption className="mt-1 text-[0.8125rem] text-ink-2">
        {name}: {words}.
      </figcaption>
    </figure>
  );
}

/** Blades side by side, each leaning a little another way. */
function bladesOf(lengthMm: number, highMm: number): string {
  const count = Math.floor(lengthMm / BLADE_EVERY_MM);
  return Array.from({ length: count }, (_, i) => {
    const x = (i + 0.5) * BLADE_EVERY_MM;
    return `M${x.toFixed(2)} 0l${(((i % 5) - 2) * 0.2).toFixed(2)} ${(-highMm * (0.8 + 0.1 * (i % 3))).toFixed(2)}`;
  }).join('');
}
