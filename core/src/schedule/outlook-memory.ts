import type { Piece } from '../subjects/index.js';
import type { PieceOutlook } from './outlook.js';

interface Remembered {
  piece: Piece;
  /** What else it hangs on: the same objects, not only equal ones. */
  around: readonly object[];
  key: string;
  outlook: PieceOutlook;
}

/** Outlooks that were worked out before: a piece that nothing has changed for is not judged anew. */
export class OutlookMemory {
  private readonly known = new Map<string, Remembered>();

  recall(piece: Piece, around: readonly object[], key: string, look: () => PieceOutlook): PieceOutlook {
    const before = this.known.get(piece.id);
    if (before?.piece === piece && before.key === key && before.around.every((one, i) => one === around[i])) return before.outlook;
    const outlook = look();
    this.known.set(piece.id, { piece, around, key, outlook });
    return outlook;
  }
}
