import { FARTHEST_MM } from '../../limits/index.js';
import { toTenth } from '../../units/index.js';
import type { Patch, Point, Shape, View, ViewId } from '../drawing.js';
import type { Feature, Piece, Zone } from '../piece.js';
import { cutBy } from '../shape/clip.js';
import { at, drawnMm2, patchMm2, rect } from '../shape/geometry.js';
import { shapeOf, zoneBox } from '../templates/index.js';

/**
 * Where a zone is cut. `level`: all below it, from the side and from the ends · `upright`: all to the right of it on the view it is told on; from the side that
 * goes for the top as well · `outline`: what lies within, on one view.
 */
export type Cut =
  | { by: 'level'; fromTopMm: number }
  | { by: 'upright'; view: ViewId; fromLeftMm: number }
  | { by: 'outline'; view: ViewId; outline: readonly Point[] };

/** What is cut off becomes a zone with this name; all else of it is as where it was cut from. */
export type CutOff = Pick<Zone, 'id' | 'name'> & Partial<Zone>;

/** All on the right hand of who goes from one point to the other, y pointing down: beyond a line that is drawn. */
export function beyondLine(from: Point, to: Point): Point[] {
  const length = Math.hypot(to.xMm - from.xMm, to.yMm - from.yMm);
  if (length === 0) throw new RangeError('a line needs two points that are apart');
  const [x, y] = [((to.xMm - from.xMm) / length) * FARTHEST_MM, ((to.yMm - from.yMm) / length) * FARTHEST_MM];
  const [start, end] = [at(from.xMm - x, from.yMm - y), at(from.xMm + x, from.yMm + y)];
  return [start, end, at(end.xMm - y, end.yMm + x), at(start.xMm - y, start.yMm + x)];
}

const below = (yMm: number): Point[] => rect(-FARTHEST_MM, yMm, 2 * FARTHEST_MM, FARTHEST_MM);
const rightOf = (xMm: number): Point[] => rect(xMm, -FARTHEST_MM, FARTHEST_MM, 2 * FARTHEST_MM);

/** What is cut off on a view; null: nothing is cut there. */
function regionOn(view: ViewId, cut: Cut): Point[] | null {
  switch (cut.by) {
    case 'level':
      return view === 'top' ? null : below(cut.fromTopMm);
    case 'upright':
      if (view === cut.view) return rightOf(cut.fromLeftMm);
      // what is seen from the side and from above has one length
      return cut.view !== 'end' && view !== 'end' ? rightOf(cut.fromLeftMm) : null;
    case 'outline':
      return view === cut.view ? [...cut.outline] : null;
  }
}

/**
 * The same piece with some of its zones cut: what lies within becomes a zone of its own, with its share of their areas. Nothing changes in what is planned: steps and
 * wishes that name what it was cut from name it, too. Features go to the zone that they are on now.
 *
 * @throws RangeError when the piece is not drawn, when nothing lies there, or when a zone would be left with nothing.
 */
export function cutOff(piece: Piece, zoneIds: readonly string[], cut: Cut, made: CutOff): Piece {
  const shape = shapeOf(piece);
  if (!shape) throw new RangeError('the piece has no dimensions: give it its length, width and height first');
  const views = shape.views.map((view): View => {
    const region = regionOn(view.id, cut);
    if (!region) return view;
    return {
      ...view,
      patches: view.patches.flatMap((patch) => (zoneIds.includes(patch.zoneId) ? parted(patch, region, made.id) : [patch])),
    };
  });
  const next: Shape = { views, hidden: shape.hidden };
  const shares = zoneIds.map((id) => ({ id, share: 1 - drawnMm2(next, id) / drawnMm2(shape, id) })).filter(({ share }) => share > 0);
  const nameOf = (id: string | undefined): string => piece.zones.find((zone) => zone.id === id)?.name ?? '';
  if (shares.length === 0) throw new RangeError(`nothing of ${zoneIds.map(nameOf).join(', ')} lies there`);
  const whole = shares.find(({ share }) => share > 1 - 1e-9);
  if (whole) throw new RangeError(`all of ${nameOf(whole.id)} lies there: give it another name instead`);
  const takenMm2 = (zone: Zone): number => zone.areaMm2 * (shares.find(({ id }) => id === zone.id)?.share ?? 0);
  const most = piece.zones.toSorted((a, b) => takenMm2(b) - takenMm2(a))[0] as Zone;
  const added: Zone = { ...most, ...made, areaMm2: piece.zones.reduce((sum, zone) => sum + takenMm2(zone), 0) };
  const cutFrom = new Set(shares.map(({ id }) => id));
  const also = (zones: string[]): string[] => (zones.some((id) => cutFrom.has(id)) ? [...zones, made.id] : zones);
  const zones = piece.zones.flatMap((zone) => {
    const left = { ...zone, areaMm2: zone.areaMm2 - takenMm2(zone) };
    return zone === most ? [left, added] : [left];
  });
  return {
    ...piece,
    shape: next,
    zones,
    features: onTheirZones(piece, shape.views, next.views, made.id, cutFrom),
    steps: piece.steps.map((step) => ({ ...step, zones: also(step.zones) })),
    intent: piece.intent && {
      ...piece.intent,
      wishes: piece.intent.wishes.map((wish) => ({ ...wish, zones: wish.zones && also(wish.zones) })),
    },
  };
}

/** A patch in two, the part within first below what is drawn over it. */
function parted(patch: Patch, region: readonly Point[], zoneId: string): Patch[] {
  const { inside, left } = cutBy(patch, [region]);
  return [...left.map((one) => ({ ...patch, ...one })), ...inside.map((one) => ({ ...patch, ...one, zoneId }))];
}

/** A feature lies where it lay on the drawing; its zone, and the corner it is measured from, may be others now. */
function onTheirZones(
  piece: Piece,
  before: readonly View[],
  after: readonly View[],
  addedId: string,
  cutFrom: ReadonlySet<string>,
): Feature[] {
  return piece.features.map((feature) => {
    const was = cutFrom.has(feature.zoneId) ? zoneBox(before, feature.zoneId) : null;
    const view = was && after.find(({ id }) => id === was.view);
    if (!was || !view) return feature;
    const point = at(was.box.xMm + feature.xMm, was.box.yMm + feature.yMm);
    const zoneId = view.patches.some((patch) => patch.zoneId === addedId && holds(patch, point)) ? addedId : feature.zoneId;
    const box = zoneBox([view], zoneId)?.box ?? zoneBox(after, zoneId)?.box;
    return box ? { ...feature, zoneId, xMm: toTenth(point.xMm - box.xMm), yMm: toTenth(point.yMm - box.yMm) } : feature;
  });
}

/** A dot so small that it is a point, mm. */
const DOT_MM = 0.01;

const holds = (patch: Patch, { xMm, yMm }: Point): boolean =>
  cutBy(patch, [rect(xMm - DOT_MM / 2, yMm - DOT_MM / 2, DOT_MM, DOT_MM)]).inside.reduce((sum, one) => sum + patchMm2(one), 0) > 0;
