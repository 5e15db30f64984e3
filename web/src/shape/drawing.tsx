import type { Piece, Point, View } from '@eveningtide/core/subjects';
import { toTenth } from '@eveningtide/core/units';
import { outlinePath } from '../looks/outline.js';
import { scaleFor } from '../looks/elevation-scale.js';
import { Elevation } from '../looks/elevation.js';
import { linesOf, type DrawnCut } from './drawn-cut.js';

/** So much of the dialog the drawing takes, px. */
const [WIDTH_PX, HEIGHT_PX] = [660, 190];
/** Tints that are told apart one beside the other; names stand beside the drawing. */
const [CHOSEN, ADDED] = ['var(--color-lamp)', 'var(--color-brick)'];

/** One view of a piece, large: what is chosen is tinted, what is being cut is drawn over it and takes points where it is pressed. */
export function Drawing({
  piece,
  view,
  chosen,
  added,
  cut,
  onPoint,
}: {
  piece: Piece;
  view: View;
  chosen: readonly string[];
  /** Zones that would be made. */
  added: readonly string[];
  cut: DrawnCut | null;
  onPoint: (point: Point) => void;
}) {
  const mmPerPx = scaleFor([view], WIDTH_PX, HEIGHT_PX);
  return (
    <div className="flex min-h-[13.5rem] items-end justify-center rounded-sm border border-line bg-paper p-3">
      <Elevation
        piece={piece}
        view={view}
        views={[view]}
        mmPerPx={mmPerPx}
        selected={added.length === 0 ? chosen : added}
        tint={(id) => (added.includes(id) ? ADDED : chosen.includes(id) ? CHOSEN : null)}
        onPoint={
          cut
            ? ({ xMm, yMm }) => {
                onPoint({ xMm: toTenth(xMm), yMm: toTenth(yMm) });
              }
            : undefined
        }
      >
        {cut && (
          <g pointerEvents="none" fill="none" stroke="var(--color-ink)" strokeWidth={1.5 * mmPerPx} strokeDasharray={4 * mmPerPx}>
            {linesOf(cut, view).map((line, i) => (
              <path key={i} d={outlinePath(line)} />
            ))}
            {cut.points.map(({ xMm, yMm }, i) => (
              <circle key={i} cx={xMm} cy={yMm} r={3 * mmPerPx} fill="var(--color-field)" strokeDasharray="none" />
            ))}
          </g>
        )}
      </Elevation>
    </div>
  );
}
