import type { Piece, Zone } from '../piece.js';
import { SURFACES } from '../shape/surfaces.js';

/**
 * The piece with a zone more that no view shows: chains, a ladder, the inside of a cab. It comes as most of the piece does, in the part that most of it is.
 * @throws RangeError where it has no surface, or the piece has no zone to go by.
 */
export function withUndrawnZone(piece: Piece, { id, name, areaMm2 }: Pick<Zone, 'id' | 'name' | 'areaMm2'>): Piece {
  const like = piece.zones.filter(({ keepClean }) => keepClean === null).toSorted((a, b) => b.areaMm2 - a.areaMm2)[0];
  if (!like) throw new RangeError('the piece has no zone that is painted');
  if (!(areaMm2 > 0)) throw new RangeError(`areaMm2 must be above 0, got ${String(areaMm2)}`);
  const zone: Zone = {
    ...like,
    ...{ id, name, areaMm2, role: 'details', of: null, carries: false, sets: [], count: 1, seen: 'yes' },
    relief: { ...SURFACES.smooth.relief },
  };
  return {
    ...piece,
    zones: [...piece.zones, zone],
    // what lies hidden grows with the drawing; a template knows nothing of it
    shape: piece.shape && { ...piece.shape, hidden: [...piece.shape.hidden, { zoneId: id, areaMm2 }] },
  };
}
