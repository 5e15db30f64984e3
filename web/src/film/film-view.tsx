import { lazy, Suspense } from 'react';
import { PieceFrame } from '../pieces/piece-frame.js';
import { Loading } from '../ui/states.js';

const FilmBuild = lazy(async () => ({ default: (await import('./film-build.js')).FilmBuild }));

/** A piece as the film that builds up on it. */
export const FilmView = () => (
  <PieceFrame>
    {(piece) => (
      <Suspense fallback={<Loading what="the chart" />}>
        <FilmBuild piece={piece} />
      </Suspense>
    )}
  </PieceFrame>
);
