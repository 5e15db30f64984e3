import type { Piece, View } from '@eveningtide/core/subjects';
import { patchPath } from '../looks/outline.js';

interface ZoneOutlinesProps {
  piece: Piece;
  view: View;
  chosen: string | null;
  onZone: (zoneId: string) => void;
}

/** Edges of the zones over their picture, to be pressed; by keys a zone is chosen beside what lies on it. */
export function ZoneOutlines({ piece, view, chosen, onZone }: ZoneOutlinesProps) {
  const zones = new Map(piece.zones.map((zone) => [zone.id, zone]));
  return (
    <svg
      viewBox={`0 0 ${String(view.widthMm)} ${String(view.heightMm)}`}
      preserveAspectRatio="none"
      className="absolute inset-0 size-full overflow-visible"
      aria-hidden="true"
    >
      {view.patches.map((patch, i) => {
        const zone = zones.get(patch.zoneId);
        if (!zone || zone.seen === 'never') return null;
        const isClean = zone.keepClean !== null;
        return (
          <path
            key={i}
            d={patchPath(patch)}
            fill="transparent"
            fillRule="evenodd"
            stroke="var(--color-ink)"
            strokeOpacity={zone.id === chosen ? 1 : 0.5}
            strokeWidth={zone.id === chosen ? 2.5 : 1}
            vectorEffect="non-scaling-stroke"
            className={isClean ? '' : 'cursor-pointer hover:stroke-2'}
            onClick={() => {
              if (!isClean) onZone(zone.id);
            }}
          >
            <title>{zone.name}</title>
          </path>
        );
      })}
    </svg>
  );
}
