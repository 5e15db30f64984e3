import type { Piece } from '@eveningtide/core/subjects';

/** What a change would make of a piece, or why it cannot be made. */
export type Tried = { made: Piece; why: null } | { made: null; why: string };

export function tried(change: () => Piece): Tried {
  try {
    return { made: change(), why: null };
  } catch (error) {
    // only what the core refuses has words for the painter
    if (error instanceof RangeError) return { made: null, why: error.message };
    throw error;
  }
}
