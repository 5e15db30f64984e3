import { zoneBox, type Piece, type Point, type View } from '@eveningtide/core/subjects';
import type { KeyboardEvent, MouseEvent, ReactNode } from 'react';
import { outlinePath, patchPath } from './outline.js';

interface ElevationProps {
  piece: Piece;
  view: View;
  /** All views of the piece: a feature is drawn on the first that shows its zone. */
  views: readonly View[];
  /** Millimetres of the model to one pixel; shared by the views of a piece so that they compare. */
  mmPerPx: number;
  selected: readonly string[];
  /** Colour to tint a zone with; null leaves it bare. */
  tint: (zoneId: string) => string | null;
  onZone?: (zoneId: string) => void;
  /** A picture of the view that lies under the drawing; zones are left clear then, but those that are kept clean. */
  painted?: ReactNode;
  /** Told where the drawing was pressed, mm; with it zones are not pressed. */
  onPoint?: ((point: Point) => void) | undefined;
  /** Drawn over it: what is about to be cut. */
  children?: ReactNode;
}

/** Where on a drawing the pointer is, mm. */
function pointOf({ currentTarget, clientX, clientY }: MouseEvent<SVGSVGElement>): Point | null {
  const matrix = currentTarget.getScreenCTM();
  if (!matrix) return null;
  const { x, y } = new DOMPoint(clientX, clientY).matrixTransform(matrix.inverse());
  return { xMm: x, yMm: y };
}

const percent = (share: number): string => `${String(100 * share)}%`;

/** Where the view lies in its drawing, which is a hair's breadth larger all around; its caption stands below. */
const placeInFrame = ({ widthMm }: View, hair: number): { left: string; width: string; top: number } => ({
  left: percent(hair / (widthMm + 2 * hair)),
  width: percent(widthMm / (widthMm + 2 * hair)),
  top: 1,
});

/** One elevation, to scale: zones to press, lines of planks and courses, features as marks. */
export function Elevation({
  piece,
  view,
  views,
  mmPerPx,
  selected,
  tint,
  painted,
  onZone: zonePressed,
  onPoint,
  children,
}: ElevationProps) {
  const onZone = onPoint ? undefined : zonePressed;
  const zones = new Map(piece.zones.map((zone) => [zone.id, zone]));
  const features = piece.features.flatMap((feature) => {
    const place = zoneBox(views, feature.zoneId);
    return place?.view === view.id ? [{ ...feature, x: place.box.xMm + feature.xMm, y: place.box.yMm + feature.yMm }] : [];
  });
  const hair = mmPerPx;
  const ids = [...new Set(view.patches.map((patch) => patch.zoneId))];
  return (
    <figure className="m-0">
      <div className="relative w-fit max-w-full">
        {painted && (
          <div className="absolute" style={placeInFrame(view, hair)}>
            {painted}
          </div>
        )}
        <svg
          viewBox={`${String(-hair)} ${String(-hair)} ${String(view.widthMm + 2 * hair)} ${String(view.heightMm + 2 * hair)}`}
          width={view.widthMm / mmPerPx}
          height={view.heightMm / mmPerPx}
          className={`relative block h-auto max-w-full overflow-visible ${onPoint ? 'cursor-crosshair' : ''}`}
          onClick={
            onPoint &&
            ((event) => {
              const point = pointOf(event);
              if (point) onPoint(point);
            })
          }
          role={onZone ? 'group' : 'img'}
          aria-label={`${view.name} of ${piece.name}`}
        >
          {ids.map((zoneId) => {
            const zone = zones.get(zoneId);
            if (!zone) return null;
            const own = view.patches.filter((patch) => patch.zoneId === zoneId);
            const isSelected = selected.includes(zoneId);
            const fill = tint(zoneId);
            const press = onZone && {
              role: 'button',
              tabIndex: 0,
              'aria-pressed': isSelected,
              'aria-label': `${zone.name}${zone.keepClean ? ', keep clean' : ''}${zone.seen === 'never' ? ', never seen' : ''}`,
              onClick: () => {
                onZone(zoneId);
              },
              onKeyDown: (event: KeyboardEvent) => {
                if (event.key !== 'Enter' && event.key !== ' ') return;
                event.preventDefault();
                onZone(zoneId);
              },
            };
            return (
              <g
                key={zoneId}
                {...press}
                className={`outline-none ${onZone ? 'cursor-pointer [&:focus-visible>path]:stroke-ink [&:focus-visible>path]:[stroke-dasharray:3]' : ''}`}
              >
                <title>{zone.name}</title>
                {own.map((patch, i) => (
                  <path
                    key={i}
                    d={patchPath(patch)}
                    fillRule="evenodd"
                    fill={
                      zone.keepClean
                        ? 'url(#keep-clean)'
                        : painted && zone.seen !== 'never'
                          ? 'transparent'
                          : (fill ?? 'var(--color-ground)')
                    }
                    fillOpacity={zone.seen === 'never' ? 0.35 : 1}
                    stroke="var(--color-ink)"
                    strokeWidth={(isSelected ? 2.5 : 0.75) * hair}
                  />
                ))}
              </g>
            );
          })}
          <g fill="none" stroke="var(--color-ink)" strokeOpacity={0.35} strokeWidth={0.6 * hair} pointerEvents="none">
            {view.lines.map((line, i) => (
              <path key={i} d={outlinePath(line)} />
            ))}
          </g>
          {features.map((feature) => (
            <g key={feature.id} pointerEvents="none">
              <title>{feature.label}</title>
              <path
                d={`M${String(feature.x)} ${String(feature.y - 3.4 * hair)}l${String(3.4 * hair)} ${String(3.4 * hair)}l${String(-3.4 * hair)} ${String(3.4 * hair)}l${String(-3.4 * hair)} ${String(-3.4 * hair)}z`}
                fill="var(--color-field)"
                stroke="var(--color-ink)"
                strokeWidth={1.2 * hair}
              />
            </g>
          ))}
          {children}
        </svg>
      </div>
      <figcaption className="mt-0.5 text-[0.8125rem] text-ink-3">{view.name}</figcaption>
    </figure>
  );
}

/** The hatching of what is kept clean; once on a page that draws elevations. */
export function KeepCleanPattern() {
  return (
    <svg width={0} height={0} className="absolute" aria-hidden="true">
      <defs>
        <pattern id="keep-clean" width={2.4} height={2.4} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width={2.4} height={2.4} fill="var(--color-field)" />
          <path d="M0 0v2.4" stroke="var(--color-ink)" strokeWidth={0.7} />
        </pattern>
      </defs>
    </svg>
  );
}
