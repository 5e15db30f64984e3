import { beyondLine, type Cut, type Point, type View, type ViewId } from '@eveningtide/core/subjects';

/** Ways to cut, as a painter would say them. */
const WAYS = ['level', 'upright', 'line', 'rectangle', 'outline'] as const;
export type Way = (typeof WAYS)[number];

export const WAY_NAMES: Readonly<Record<Way, string>> = {
  level: 'At a height: what lies below',
  upright: 'Upright: what lies to the right',
  line: 'Along a line: what lies on its right hand',
  rectangle: 'A rectangle',
  outline: 'An outline, corner by corner',
};

/** A height is told from the side or from an end. */
export const waysOn = (view: ViewId): readonly Way[] => (view === 'top' ? WAYS.filter((way) => way !== 'level') : WAYS);

/** Corners that each way wants at least, and at most. */
const CORNERS: Readonly<Record<Way, readonly [number, number]>> = {
  level: [1, 1],
  upright: [1, 1],
  line: [2, 2],
  rectangle: [2, 2],
  outline: [3, 40],
};

/** A cut as it is being drawn: by points that were pressed or typed. */
export interface DrawnCut {
  way: Way;
  view: ViewId;
  points: readonly Point[];
}

/** One point more; where all are there already it is the first of new ones. */
export const withPoint = (cut: DrawnCut, point: Point): DrawnCut => ({
  ...cut,
  points: cut.points.length >= CORNERS[cut.way][1] ? [point] : [...cut.points, point],
});

/** What is said about the next point. */
export function nextWords({ way, points }: DrawnCut): string {
  const count = points.length;
  if (way === 'level') return 'Press the drawing at the height, or type it.';
  if (way === 'upright') return 'Press the drawing where it is cut, or type it.';
  if (way === 'line') return count === 1 ? 'Press where the line ends.' : 'Press where the line begins, then where it ends.';
  if (way === 'rectangle') return count === 1 ? 'Press the corner across.' : 'Press one corner, then the one across.';
  return count < 3 ? 'Press three corners or more, one after the other.' : 'Press further corners, or cut.';
}

const rectangle = (a: Point, b: Point): Point[] => [a, { xMm: b.xMm, yMm: a.yMm }, b, { xMm: a.xMm, yMm: b.yMm }];

/** The cut that was drawn; null while points are missing. */
export function cutOf({ way, view, points }: DrawnCut): Cut | null {
  const [first, second] = points;
  if (!first || points.length < CORNERS[way][0]) return null;
  switch (way) {
    case 'level':
      return { by: 'level', fromTopMm: first.yMm };
    case 'upright':
      return { by: 'upright', view, fromLeftMm: first.xMm };
    case 'line':
      return second && (first.xMm !== second.xMm || first.yMm !== second.yMm)
        ? { by: 'outline', view, outline: beyondLine(first, second) }
        : null;
    case 'rectangle':
      return second ? { by: 'outline', view, outline: rectangle(first, second) } : null;
    case 'outline':
      return { by: 'outline', view, outline: points };
  }
}

/** Lines of what is being drawn, over the view. */
export function linesOf({ way, points }: DrawnCut, { widthMm, heightMm }: View): Point[][] {
  const [first, second] = points;
  if (!first) return [];
  if (way === 'level')
    return [
      [
        { xMm: 0, yMm: first.yMm },
        { xMm: widthMm, yMm: first.yMm },
      ],
    ];
  if (way === 'upright')
    return [
      [
        { xMm: first.xMm, yMm: 0 },
        { xMm: first.xMm, yMm: heightMm },
      ],
    ];
  if (way === 'rectangle' && second) return [[...rectangle(first, second), first]];
  return [points.length > 2 ? [...points, first] : [...points]];
}
