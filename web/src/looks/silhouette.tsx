import { boxOf, elevationsOf, type Piece } from '@eveningtide/core/subjects';
import { outlinePath, patchPath } from './outline.js';

interface SilhouetteProps {
  piece: Piece;
  widthPx: number;
  heightPx: number;
  /** Colour of a zone; null leaves it plain. */
  tint?: (zoneId: string) => string | null;
}

/** A piece from its side, small: to be recognised, not to be measured. Nothing is read out: its name stands beside it. */
export function Silhouette({ piece, widthPx, heightPx, tint = () => null }: SilhouetteProps) {
  const view = elevationsOf(piece)[0];
  const frame = `flex shrink-0 items-end justify-center`;
  const size = { width: widthPx, height: heightPx };
  if (!view) return <span aria-hidden="true" className={frame} style={size} />;
  const box = boxOf(view.patches.flatMap(({ outline }) => outline));
  const mmPerPx = Math.max(box.widthMm / (widthPx - 2), box.heightMm / (heightPx - 2), 0.01);
  const clean = new Set(piece.zones.filter(({ keepClean }) => keepClean).map(({ id }) => id));
  const here = new Set(piece.zones.map(({ id }) => id));
  return (
    <span aria-hidden="true" className={frame} style={size}>
      <svg
        viewBox={[box.xMm - mmPerPx, box.yMm - mmPerPx, box.widthMm + 2 * mmPerPx, box.heightMm + 2 * mmPerPx].join(' ')}
        width={box.widthMm / mmPerPx + 2}
        height={box.heightMm / mmPerPx + 2}
        className="block overflow-visible"
      >
        {view.patches
          .filter(({ zoneId }) => here.has(zoneId))
          .map(({ zoneId, ...patch }, i) => (
            <path
              key={i}
              d={patchPath(patch)}
              fillRule="evenodd"
              fill={clean.has(zoneId) ? 'var(--color-field)' : (tint(zoneId) ?? 'var(--color-line-strong)')}
              stroke="var(--color-ink)"
              strokeWidth={0.9 * mmPerPx}
            />
          ))}
        <g fill="none" stroke="var(--color-ink)" strokeOpacity={0.4} strokeWidth={0.6 * mmPerPx}>
          {view.lines.map((line, i) => (
            <path key={i} d={outlinePath(line)} />
          ))}
        </g>
      </svg>
    </span>
  );
}
