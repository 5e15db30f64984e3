import { PieceFrame } from '../pieces/piece-frame.js';
import { Arranged } from './arranged.js';
import { WishList } from './wish-list.js';

/** What the piece should look like, and the order that comes of it. */
export const WishesView = () => (
  <PieceFrame>
    {(piece) => (
      <div className="@container flex min-h-0 flex-1">
        <div className="relative grid min-h-0 flex-1 grid-cols-2 grid-rows-[minmax(0,1fr)] @max-[46rem]:block @max-[46rem]:overflow-y-auto">
          <WishList piece={piece} />
          <Arranged piece={piece} />
        </div>
      </div>
    )}
  </PieceFrame>
);
