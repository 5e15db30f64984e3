import { lazy, Suspense } from 'react';
import { useSearchParams } from 'react-router';
import { PieceFrame } from '../pieces/piece-frame.js';
import { OneOf } from '../ui/one-of.js';
import { Loading } from '../ui/states.js';

const TestCard = lazy(async () => ({ default: (await import('./test-card.js')).TestCard }));
const WholePiece = lazy(async () => ({ default: (await import('./whole-piece.js')).WholePiece }));

const PARTS = [
  { id: 'piece', name: 'The whole piece' },
  { id: 'card', name: 'A test card' },
] as const;

/** What each step will do, seen before it is done: on all of a piece, or on a patch of it. */
export function SurfaceView() {
  const [search, setSearch] = useSearchParams();
  const part = PARTS.find(({ id }) => id === search.get('part'))?.id ?? 'piece';
  return (
    <PieceFrame>
      {(piece) => (
        <div className="p-4">
          <OneOf
            label="What is painted"
            value={part}
            options={PARTS}
            className="no-print mb-3"
            onChange={(id) => {
              setSearch({ part: id }, { replace: true });
            }}
          />
          <Suspense fallback={<Loading what="the pictures" />}>
            {part === 'card' ? (
              <TestCard key={piece.id} piece={piece} firstZoneId={search.get('zone')} />
            ) : (
              <WholePiece
                key={piece.id}
                piece={piece}
                onZone={(zone) => {
                  setSearch({ part: 'card', zone });
                }}
              />
            )}
          </Suspense>
        </div>
      )}
    </PieceFrame>
  );
}
