import clipping from 'polygon-clipping';
import type { Patch, Point } from '../drawing.js';
import { areaOf } from './geometry.js';

type Piece = Pick<Patch, 'outline' | 'holes'>;
type Rings = Parameters<typeof clipping.union>[0];

/** Smaller than the point of a brush: what is left of a cut by rounding is nothing, mm². */
const CRUMB_MM2 = 1e-6;

/** Corners closer than this are one, mm: next to each other by rounding only, they would lead the clipping astray. */
const GRID_MM = 1e-4;
const onGrid = (mm: number): number => Math.round(mm / GRID_MM) * GRID_MM;

const ringOf = (outline: readonly Point[]): [number, number][] => outline.map(({ xMm, yMm }) => [onGrid(xMm), onGrid(yMm)]);
const ringsOf = ({ outline, holes }: Piece): [number, number][][] => [ringOf(outline), ...holes.map(ringOf)];

/** Closed rings repeat their first corner. */
const outlineOf = (ring: readonly (readonly [number, number])[]): Point[] => ring.slice(0, -1).map(([xMm, yMm]) => ({ xMm, yMm }));

function piecesOf(found: ReturnType<typeof clipping.union>): Piece[] {
  return found.flatMap(([outer, ...inner]) => {
    const outline = outer ? outlineOf(outer) : [];
    if (areaOf(outline) <= CRUMB_MM2) return [];
    return [{ outline, holes: inner.map(outlineOf).filter((hole) => areaOf(hole) > CRUMB_MM2) }];
  });
}

/** Where edges meet as the clipping cannot tell apart, the cut is moved by hairs, mm: nobody sees a thousandth. */
const HAIRS_MM = [0, 0.0013, -0.0017, 0.0029];

/** What of a patch lies within outlines, and what is left of it. @throws RangeError where an outline crosses itself beyond telling. */
export function cutBy(patch: Piece, outlines: readonly (readonly Point[])[]): { inside: Piece[]; left: Piece[] } {
  if (outlines.length === 0) return { inside: [], left: [patch] };
  for (const hair of HAIRS_MM) {
    const found = tried(patch, outlines, hair);
    if (found) return found;
  }
  throw new RangeError('this outline cannot be cut out: move one of its corners');
}

/** Null where the clipping loses its way. */
function tried(patch: Piece, outlines: readonly (readonly Point[])[], hairMm: number): { inside: Piece[]; left: Piece[] } | null {
  const subject: Rings = [ringsOf(patch)];
  const by: Rings = outlines.map((outline) => [ringOf(outline).map(([x, y]): [number, number] => [x + hairMm, y + hairMm * 0.7])]);
  try {
    const inside = piecesOf(clipping.intersection(subject, by));
    // what is not touched stays as it was drawn
    return inside.length === 0 ? { inside, left: [patch] } : { inside, left: piecesOf(clipping.difference(subject, by)) };
  } catch {
    return null;
  }
}
