/** Outlines on a drawn view: mm from its upper left, y downwards, as the piece stands. */
export interface Point {
  xMm: number;
  yMm: number;
}

export const at = (xMm: number, yMm: number): Point => ({ xMm, yMm });

export const rect = (xMm: number, yMm: number, widthMm: number, heightMm: number): Point[] => [
  at(xMm, yMm),
  at(xMm + widthMm, yMm),
  at(xMm + widthMm, yMm + heightMm),
  at(xMm, yMm + heightMm),
];

const CIRCLE_CORNERS = 48;

/** A circle as a polygon of the same area. */
export function circle(centreX: number, centreY: number, radiusMm: number): Point[] {
  const step = (2 * Math.PI) / CIRCLE_CORNERS;
  // corners a little further out, so that the polygon holds as much as the circle does
  const corner = radiusMm * Math.sqrt(step / Math.sin(step));
  return Array.from({ length: CIRCLE_CORNERS }, (_, i) => at(centreX + corner * Math.cos(i * step), centreY + corner * Math.sin(i * step)));
}

/** A box whose top is an arc: a roof seen from its end, an arch seen from the front. `riseMm` is the arc's height. */
export function arched(xMm: number, yMm: number, widthMm: number, heightMm: number, riseMm: number): Point[] {
  const top = Array.from({ length: 25 }, (_, i) => {
    const share = i / 24;
    return at(xMm + share * widthMm, yMm + riseMm * (1 - 4 * share * (1 - share)));
  });
  return [...top, at(xMm + widthMm, yMm + heightMm), at(xMm, yMm + heightMm)];
}

/** Area inside a closed outline, mm² (shoelace formula). */
export function areaOf(outline: readonly Point[]): number {
  let twice = 0;
  for (const [i, here] of outline.entries()) {
    const next = outline[(i + 1) % outline.length] ?? here;
    twice += here.xMm * next.yMm - next.xMm * here.yMm;
  }
  return Math.abs(twice) / 2;
}

/** Smallest upright box around an outline. */
export function boxOf(outline: readonly Point[]): { xMm: number; yMm: number; widthMm: number; heightMm: number } {
  const xs = outline.map((p) => p.xMm);
  const ys = outline.map((p) => p.yMm);
  const [left, top] = [Math.min(...xs), Math.min(...ys)];
  return { xMm: left, yMm: top, widthMm: Math.max(...xs) - left, heightMm: Math.max(...ys) - top };
}

/** Level lines that divide a box: planks, courses. */
export const courses = (xMm: number, yMm: number, widthMm: number, heightMm: number, count: number): Point[][] =>
  Array.from({ length: count - 1 }, (_, i) => {
    const y = yMm + (heightMm * (i + 1)) / count;
    return [at(xMm, y), at(xMm + widthMm, y)];
  });

/** Upright lines that divide a box: posts, ribs, board ends. */
export const posts = (xMm: number, yMm: number, widthMm: number, heightMm: number, count: number): Point[][] =>
  Array.from({ length: count - 1 }, (_, i) => {
    const x = xMm + (widthMm * (i + 1)) / count;
    return [at(x, yMm), at(x, yMm + heightMm)];
  });
