import { substrateById, type Piece } from '@eveningtide/core/subjects';

/** What a piece is made of, in words. */
export const substrateWords = (piece: Piece): string =>
  [...new Set(piece.zones.filter((zone) => !zone.keepClean).map((zone) => substrateById(zone.substrate).name.toLowerCase()))].join(', ');
