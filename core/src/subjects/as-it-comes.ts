import type { Piece, Sheen } from './piece.js';

/** How a piece comes to the bench. `bare`: as it was cast or moulded · `primed`: under a primer · `painted`: in its maker's or an earlier paint. */
export const COMES = ['bare', 'primed', 'painted'] as const;
export type Comes = (typeof COMES)[number];

export interface AsItComes {
  comes: Comes;
  /** What shows now, #rrggbb; of something bare it is the stuff's own and is not told. */
  colour: string;
  sheen: Exclude<Sheen, 'bare'>;
  /** Washed already, no grease on it. */
  cleaned?: boolean;
}

/** The usual grey of a primer (our tone). */
export const PRIMER_GREY = '#8f8f8b';

/** What is said of the whole piece, on each zone that is painted; what must stay clean is bare. */
export function asItComes(piece: Piece, { comes, colour, sheen, cleaned = false }: AsItComes): Piece {
  const start = comes === 'bare' ? { startSheen: 'bare' as const, startColour: null } : { startSheen: sheen, startColour: colour };
  return { ...piece, cleaned, zones: piece.zones.map((zone) => (zone.keepClean ? zone : { ...zone, ...start })) };
}
