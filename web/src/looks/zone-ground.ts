import { madeLike, type Piece } from '@eveningtide/core/subjects';
import type { CardGround } from '@eveningtide/core/surface';

const FLAT = { grooveDepthUm: 0, grooveWidthUm: 0, crestHeightUm: 0 };

/** What a test card of a zone is a patch of. */
export const groundOfZone = (piece: Piece, zoneId: string, how: Pick<CardGround, 'pxPerMm' | 'seed' | 'size'>): CardGround => ({
  of: madeLike(piece).get(zoneId)?.of ?? null,
  relief: piece.zones.find(({ id }) => id === zoneId)?.relief ?? FLAT,
  ...how,
});
