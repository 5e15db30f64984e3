import { toTenth } from '../../units/index.js';
import type { Point, Shape, View } from '../drawing.js';
import type { Feature, Piece, Size } from '../piece.js';
import { drawnMm2 } from '../shape/geometry.js';
import { TEMPLATES, elevationsOf, zoneAreaMm2, zoneBox, type Drawn } from '../templates/index.js';

type Sized = Drawn & Pick<Piece, 'features'>;

/**
 * The piece as it is, measured anew: its zones' areas follow the drawing, its features keep their places on it. Of a template's drawing areas typed by hand are lost.
 */
export function resized<P extends Sized>(piece: P, size: Size): P {
  const before = elevationsOf(piece);
  const after = piece.shape ? stretched(piece, piece.shape, size) : redrawn(piece, size);
  return { ...after, features: moved(piece.features, before, elevationsOf(after)) };
}

/** As far along and down their zones as they were. */
const moved = (features: readonly Feature[], before: readonly View[], after: readonly View[]): Feature[] =>
  features.map((feature) => {
    const [was, is] = [before, after].map((views) => zoneBox(views, feature.zoneId)?.box);
    const larger = (to: number, from: number): number => (from > 0 ? to / from : 1);
    return was && is
      ? {
          ...feature,
          xMm: toTenth(feature.xMm * larger(is.widthMm, was.widthMm)),
          yMm: toTenth(feature.yMm * larger(is.heightMm, was.heightMm)),
        }
      : feature;
  });

/** Drawn by its template in other dimensions. */
function redrawn<P extends Drawn>(piece: P, size: Size): P {
  const template = TEMPLATES.find(({ id }) => id === piece.template);
  if (!template) return { ...piece, sizeMm: size };
  const shape = template.shape(size);
  const factor = new Map(template.zones.map((zone) => [zone.id, zone.reliefFactor]));
  return {
    ...piece,
    sizeMm: size,
    zones: piece.zones.map((zone) => {
      const relief = factor.get(zone.id);
      return relief === undefined ? zone : { ...zone, areaMm2: Math.round(zoneAreaMm2(shape, zone.id, relief)) };
    }),
  };
}

/** A piece with a drawing of its own in other dimensions: each view is stretched, and areas go as the drawing does, also those typed by hand. */
function stretched<P extends Drawn>(piece: P, shape: Shape, size: Size): P {
  const before = piece.sizeMm ?? size;
  const [along, across, up] = [size.lengthMm / before.lengthMm, size.widthMm / before.widthMm, size.heightMm / before.heightMm];
  const factors = { side: [along, up], end: [across, up], top: [along, across] } as const;
  const views = shape.views.map((view): View => {
    const [x, y] = factors[view.id];
    const larger = (outline: readonly Point[]): Point[] => outline.map(({ xMm, yMm }) => ({ xMm: xMm * x, yMm: yMm * y }));
    return {
      ...view,
      widthMm: view.widthMm * x,
      heightMm: view.heightMm * y,
      patches: view.patches.map((patch) => ({ ...patch, outline: larger(patch.outline), holes: patch.holes.map(larger) })),
      lines: view.lines.map(larger),
    };
  });
  const next = { views, hidden: shape.hidden.map((one) => ({ ...one, areaMm2: one.areaMm2 * along * across })) };
  const larger = (zoneId: string): number => {
    const was = drawnMm2(shape, zoneId);
    return was > 0 ? drawnMm2(next, zoneId) / was : along * across;
  };
  return {
    ...piece,
    sizeMm: size,
    shape: next,
    zones: piece.zones.map((zone) => ({ ...zone, areaMm2: Math.round(zone.areaMm2 * larger(zone.id)) })),
  };
}
