import type { Piece, Size, Zone } from '../piece.js';
import { bodyKind } from '../shape/bodies.js';
import { composed, withZoneIds, type Where } from '../shape/compose.js';
import { drawnMm2 } from '../shape/geometry.js';
import { SURFACES, type SurfaceId } from '../shape/surfaces.js';
import type { SubstrateId } from '../substrates.js';
import { shapeOf, shapeWith } from '../templates/index.js';

/** A body to put to a piece: what it is, of what size, and of what. */
export interface Body {
  /** Its part's; its zones are called by it. */
  id: string;
  kind: string;
  name: string;
  size: Size;
  surface: SurfaceId;
  substrate: SubstrateId;
  where: Where;
  removable: boolean;
}

/** What its zones are called: by the body, and what of it they are. */
const zoneName = (body: string, zone: string): string => `${body}, ${zone}`;

/**
 * A piece with one body more, a part of its own with its zones; their areas are reckoned from the drawing, as those of templates are. What it covers of another zone
 * is taken off that one.
 *
 * @throws RangeError for a kind that is not known, or a dimension that is not above 0.
 */
export function withBody(piece: Piece, body: Body): Piece {
  const kind = bodyKind(body.kind);
  for (const [name, mm] of Object.entries(body.size)) if (!(mm > 0)) throw new RangeError(`${name} must be above 0, got ${String(mm)}`);
  const surface = SURFACES[body.surface];
  const before = shapeOf(piece);
  const own = withZoneIds(kind.shape(body.size), (key) => `${body.id}-${key}`);
  const shape = composed(before, own, body.where);
  const zones = kind.zones.map(({ key, name, role, seen = 'yes', keepClean = null }): Zone => {
    const id = `${body.id}-${key}`;
    const plain = keepClean !== null;
    return {
      id,
      partId: body.id,
      name: zoneName(body.name, name),
      role,
      of: surface.of,
      carries: false,
      sets: [],
      count: 1,
      substrate: plain ? 'brass' : body.substrate,
      startSheen: 'bare',
      startColour: null,
      areaMm2: Math.round(drawnMm2(shape, id) * (plain ? 1 : surface.reliefFactor)),
      down: 'down',
      relief: { ...(plain ? SURFACES.smooth : surface).relief },
      seen,
      keepClean,
    };
  });
  const left = (zone: Zone): Zone => {
    const was = before ? drawnMm2(before, zone.id) : 0;
    return was > 0 ? { ...zone, areaMm2: Math.round((zone.areaMm2 * drawnMm2(shape, zone.id)) / was) } : zone;
  };
  // what another body covers whole is no surface
  const all = [...piece.zones.map(left), ...zones.filter(({ areaMm2 }) => areaMm2 > 0)];
  const [side, end] = [shape.views.find(({ id }) => id === 'side'), shape.views.find(({ id }) => id === 'end')];
  return {
    ...piece,
    sizeMm: side && end ? { lengthMm: side.widthMm, widthMm: end.widthMm, heightMm: side.heightMm } : piece.sizeMm,
    shape: shapeWith(shape, new Set(all.map(({ id }) => id))),
    parts: [...piece.parts, { id: body.id, name: body.name, removable: body.removable }],
    zones: all,
  };
}
