import type { Shape } from '../drawing.js';
import type { Piece, Size, Zone } from '../piece.js';
import { carryingZones, madeLike, newPiece, shapeOf, type Beginning } from '../templates/index.js';
import { resized } from './resize.js';

/** A shape of the painter's own, to begin further pieces with: all of a piece that is no work. */
export interface KeptShape extends Pick<
  Piece,
  'id' | 'name' | 'kind' | 'scaleRatio' | 'handled' | 'parts' | 'zones' | 'features' | 'checks'
> {
  sizeMm: Size;
  shape: Shape;
}

/** The shape of a piece, as it is now; what its template says of its zones is said by them. @throws RangeError where it has no dimensions. */
export function keptShapeOf(piece: Piece, id: string, name: string): KeptShape {
  const { kind, scaleRatio, handled, parts, features, checks, sizeMm } = piece;
  const shape = shapeOf(piece);
  if (!shape || !sizeMm) throw new RangeError('the piece has no dimensions: give it its length, width and height first');
  const made = madeLike(piece);
  const carrying = new Set(carryingZones(piece).map((zone) => zone.id));
  return {
    ...{ id, name, kind, scaleRatio, handled, parts, features, sizeMm, shape },
    zones: piece.zones.map((zone) => ({ ...zone, of: made.get(zone.id)?.of ?? null, carries: carrying.has(zone.id) })),
    checks: checks.map((check) => ({ ...check, done: false })),
  };
}

/** Its largest zone that is painted: what most of it is made of. */
const largest = (zones: readonly Zone[]): Zone | undefined =>
  zones.filter(({ keepClean }) => keepClean === null).toSorted((a, b) => b.areaMm2 - a.areaMm2)[0];

/** New pieces of a kept shape have its zones, drawn by themselves in their own size; told another stuff, what was of the usual one is of that. */
export function beginningOfShape(kept: KeptShape): Beginning {
  const { id, name, kind, scaleRatio, sizeMm, shape } = kept;
  const { substrate = 'polystyrene', startSheen = 'bare' } = largest(kept.zones) ?? {};
  return {
    ...{ id, name, kind, scaleRatio, substrate, startSheen, size: sizeMm, isOwn: true },
    piece(given) {
      const zones = kept.zones.map((zone) =>
        zone.keepClean === null && zone.substrate === substrate ? { ...zone, substrate: given.substrate ?? substrate } : zone,
      );
      const { handled, parts, features, checks } = kept;
      const whole = newPiece({ kind, handled, parts, features, checks, zones, shape, sizeMm, template: id }, given);
      return given.size ? resized(whole, given.size) : whole;
    },
  };
}
