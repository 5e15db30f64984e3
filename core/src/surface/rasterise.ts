import type { Point } from '../subjects/index.js';

/** A rectangle of pixels on a drawing: its upper left corner, mm, and how fine it is. */
export interface PixelGrid {
  xMm: number;
  yMm: number;
  widthPx: number;
  heightPx: number;
  pxPerMm: number;
}

/** Which pixels lie inside rings, by the even-odd rule: 1 inside, 0 outside; judged at the middle of each. */
export function insideOf(rings: readonly (readonly Point[])[], { xMm, yMm, widthPx, heightPx, pxPerMm }: PixelGrid): Uint8Array {
  const inside = new Uint8Array(widthPx * heightPx);
  for (let row = 0; row < heightPx; row++) {
    const y = yMm + (row + 0.5) / pxPerMm;
    const crossings = rings.flatMap((ring) => crossingsOf(ring, y)).sort((a, b) => a - b);
    for (let k = 0; k + 1 < crossings.length; k += 2) {
      const from = Math.max(0, Math.ceil(((crossings[k] ?? 0) - xMm) * pxPerMm - 0.5));
      const to = Math.min(widthPx, Math.ceil(((crossings[k + 1] ?? 0) - xMm) * pxPerMm - 0.5));
      inside.fill(1, row * widthPx + from, row * widthPx + Math.max(from, to));
    }
  }
  return inside;
}

function crossingsOf(ring: readonly Point[], y: number): number[] {
  return ring.flatMap((a, i) => {
    const b = ring[(i + 1) % ring.length] ?? a;
    if (a.yMm > y === b.yMm > y) return [];
    return a.xMm + ((b.xMm - a.xMm) * (y - a.yMm)) / (b.yMm - a.yMm);
  });
}

/** Goes over the pixels no farther than `reachMm` from a run of points, telling how far each is. */
export function alongLine(
  line: readonly Point[],
  reachMm: number,
  { xMm, yMm, widthPx, heightPx, pxPerMm }: PixelGrid,
  visit: (pixel: number, fromMm: number) => void,
): void {
  const within = (px: number, most: number): number => Math.min(most, Math.max(0, px));
  line.slice(1).forEach((b, i) => {
    const a = line[i] ?? b;
    const length = Math.hypot(b.xMm - a.xMm, b.yMm - a.yMm);
    const column = (mm: number): number => (mm - xMm) * pxPerMm;
    const row = (mm: number): number => (mm - yMm) * pxPerMm;
    const lastColumn = within(Math.ceil(column(Math.max(a.xMm, b.xMm) + reachMm)), widthPx);
    const lastRow = within(Math.ceil(row(Math.max(a.yMm, b.yMm) + reachMm)), heightPx);
    for (let r = within(Math.floor(row(Math.min(a.yMm, b.yMm) - reachMm)), heightPx); r < lastRow; r++)
      for (let c = within(Math.floor(column(Math.min(a.xMm, b.xMm) - reachMm)), widthPx); c < lastColumn; c++) {
        const [x, y] = [xMm + (c + 0.5) / pxPerMm - a.xMm, yMm + (r + 0.5) / pxPerMm - a.yMm];
        const along = length === 0 ? 0 : within((x * (b.xMm - a.xMm) + y * (b.yMm - a.yMm)) / length, length);
        const share = length === 0 ? 0 : along / length;
        const fromMm = Math.hypot(x - share * (b.xMm - a.xMm), y - share * (b.yMm - a.yMm));
        if (fromMm <= reachMm) visit(r * widthPx + c, fromMm);
      }
  });
}
