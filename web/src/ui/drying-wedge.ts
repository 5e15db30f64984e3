/** Power of the curve: fast at first, as evaporation is. */
const CURVE = 1.6;
const POINTS = 16;

/** The wedge for drying, one shape on all views: as high as `height` at `fromX` (wet), nothing at `toX` (ready). */
export function dryingWedgePath(fromX: number, toX: number, floorY: number, height: number): string {
  const width = Math.max(0, toX - fromX);
  const edge = Array.from({ length: POINTS + 1 }, (_, i) => {
    const share = i / POINTS;
    return `L${(fromX + width * share).toFixed(1)} ${(floorY - height * (1 - share) ** CURVE).toFixed(1)}`;
  });
  return `M${fromX.toFixed(1)} ${String(floorY)}${edge.join('')}Z`;
}
