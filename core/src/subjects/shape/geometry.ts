import type { Patch, Point, Shape } from '../drawing.js';

export const at = (xMm: number, yMm: number): Point => ({ xMm, yMm });

export const rect = (xMm: number, yMm: number, widthMm: number, heightMm: number): Point[] => [
  at(xMm, yMm),
  at(xMm + widthMm, yMm),
  at(xMm + widthMm, yMm + heightMm),
  at(xMm, yMm + heightMm),
];

const CIRCLE_CORNERS = 48;

/** A circle as a polygon of the same area. */
export const circle = (centreX: number, centreY: number, radiusMm: number): Point[] => ellipse(centreX, centreY, radiusMm, radiusMm);

/** An ellipse as a polygon of the same area; `from` and `to` in turns, clockwise from the right: half a turn up from the left is `0.5, 1`. */
export function ellipse(centreX: number, centreY: number, halfX: number, halfY: number, from = 0, to = 1): Point[] {
  const corners = Math.round(CIRCLE_CORNERS * (to - from));
  const step = (2 * Math.PI) / CIRCLE_CORNERS;
  // corners a little further out, so that the polygon holds as much as the ellipse does
  const out = Math.sqrt(step / Math.sin(step));
  return Array.from({ length: to - from === 1 ? corners : corners + 1 }, (_, i) => {
    const turn = 2 * Math.PI * from + i * step;
    return at(centreX + out * halfX * Math.cos(turn), centreY + out * halfY * Math.sin(turn));
  });
}

/** A box whose top is an arc: a roof seen from its end, an arch seen from the front. `riseMm` is the arc's height. */
export function arched(xMm: number, yMm: number, widthMm: number, heightMm: number, riseMm: number): Point[] {
  const top = Array.from({ length: 25 }, (_, i) => {
    const share = i / 24;
    return at(xMm + share * widthMm, yMm + riseMm * (1 - 4 * share * (1 - share)));
  });
  return [...top, at(xMm + widthMm, yMm + heightMm), at(xMm, yMm + heightMm)];
}

/** Part of a circle above its chord, at the foot of a box: `riseMm` high, as wide as the box. */
export function arc(widthMm: number, heightMm: number, riseMm: number): Point[] {
  const radius = (widthMm * widthMm) / (8 * riseMm) + riseMm / 2;
  const half = Math.asin(Math.min(1, widthMm / (2 * radius)));
  return Array.from({ length: CIRCLE_CORNERS + 1 }, (_, i) => {
    const turn = half * ((2 * i) / CIRCLE_CORNERS - 1);
    return at(widthMm / 2 + radius * Math.sin(turn), heightMm - riseMm + radius * (1 - Math.cos(turn)));
  });
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

/** What a patch holds as it is drawn, mm²: without what was cut out of it. */
export const patchMm2 = ({ outline, holes }: Pick<Patch, 'outline' | 'holes'>): number =>
  areaOf(outline) - holes.reduce((sum, hole) => sum + areaOf(hole), 0);

/** Surface that a shape gives a zone, relief apart, mm². */
export function drawnMm2({ views, hidden }: Shape, zoneId: string): number {
  const own = <T extends { zoneId: string }>(list: readonly T[]): T[] => list.filter((one) => one.zoneId === zoneId);
  const drawn = own(views.flatMap(({ patches }) => patches)).reduce((sum, patch) => sum + patch.count * patch.stretch * patchMm2(patch), 0);
  return drawn + own(hidden).reduce((sum, { areaMm2 }) => sum + areaMm2, 0);
}

/** `count` such surfaces on the model; on views of both sides that is two. */
export const patch = (zoneId: string, outline: Point[], count = 2, stretch = 1): Patch => ({ zoneId, outline, holes: [], count, stretch });
/** Shows again what another view counts. */
export const shown = (zoneId: string, outline: Point[]): Patch => patch(zoneId, outline, 0);

/** Girth of an ellipse (S. Ramanujan 1914, from memory). */
export function girthOf(widthMm: number, heightMm: number): number {
  const [a, b] = [widthMm / 2, heightMm / 2];
  return Math.PI * (3 * (a + b) - Math.sqrt((3 * a + b) * (a + 3 * b)));
}

/** Surface of half an ellipsoid without its floor (K. Thomsen 2004, from memory: within 1.1 %). */
export function halfEllipsoidMm2(a: number, b: number, c: number): number {
  const p = 1.6075;
  return 2 * Math.PI * (((a * b) ** p + (a * c) ** p + (b * c) ** p) / 3) ** (1 / p);
}
