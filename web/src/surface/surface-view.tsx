import { lazy, Suspense } from 'react';
import { PieceFrame } from '../pieces/piece-frame.js';
import { Loading } from '../ui/states.js';

const TestCard = lazy(async () => ({ default: (await import('./test-card.js')).TestCard }));

/** A piece as a test card of its surface: what each step will do there. */
export const SurfaceView = () => (
  <PieceFrame>
    {(piece) => (
      <Suspense fallback={<Loading what="the test card" />}>
        <TestCard key={piece.id} piece={piece} />
      </Suspense>
    )}
  </PieceFrame>
);
