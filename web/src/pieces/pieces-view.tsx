import { Plus } from 'lucide-react';
import { lazy, Suspense } from 'react';
import { Link, Navigate, useSearchParams } from 'react-router';
import { useBottlesQuery, usePiecesQuery, useWorkshopQuery } from '../store/api.js';
import { useAppSelector } from '../store/store.js';
import { Button } from '../ui/button.js';
import { Empty, Failed, Loading } from '../ui/states.js';
import { PieceList } from './piece-list.js';
import { PlanFileMenu } from './plan-file-menu.js';

/** Kinds, recipes and what arranges them are fetched when a piece is made. */
const NewPieceDialog = lazy(async () => ({ default: (await import('./new-piece-dialog.js')).NewPieceDialog }));

export function PiecesView() {
  const { data, isLoading, isError, refetch } = usePiecesQuery();
  const [search, setSearch] = useSearchParams();
  const setMaking = (making: boolean) => {
    setSearch(making ? { new: '' } : {}, { replace: true });
  };
  const open = data?.filter(({ piece }) => piece.archivedOn === null);
  const isNew = useIsNewBench();
  const archived = data?.filter(({ piece }) => piece.archivedOn !== null) ?? [];
  if (isNew) return <Navigate to="/begin" replace />;
  return (
    <main className="p-4">
      <header className="mb-4 flex flex-wrap items-center justify-between gap-x-4 gap-y-2">
        <h1 className="text-[1.6875rem] font-bold">Pieces</h1>
        <div className="flex flex-wrap items-center gap-3">
          <Link to="/deleted" className="underline">
            Recently deleted
          </Link>
          <PlanFileMenu />
          <Button
            look="ink"
            onClick={() => {
              setMaking(true);
            }}
          >
            <Plus size={16} aria-hidden="true" /> New piece
          </Button>
        </div>
      </header>
      {isLoading && <Loading what="your pieces" />}
      {isError && !data && (
        <Failed
          what="your pieces"
          onRetry={() => {
            void refetch();
          }}
        />
      )}
      {open?.length === 0 && (
        <Empty title="No piece yet">
          <p>
            Choose a kind, a van, a wall, a load, and how it should look. Its steps are laid out, what would go wrong is told, and you see
            which evenings it takes.
          </p>
          <p className="mt-3 flex flex-wrap gap-2">
            <Button
              look="ink"
              onClick={() => {
                setMaking(true);
              }}
            >
              <Plus size={16} aria-hidden="true" /> Your first piece
            </Button>
            <Link to="/begin" className="self-center underline">
              First steps and worked examples
            </Link>
          </p>
        </Empty>
      )}
      {open && open.length > 0 && <PieceList pieces={open} searched />}
      {archived.length > 0 && (
        <details className="mt-6">
          <summary className="mb-2 font-semibold">Archive ({archived.length})</summary>
          <PieceList pieces={archived} />
        </details>
      )}
      {search.has('new') && (
        <Suspense>
          <NewPieceDialog
            onClose={() => {
              setMaking(false);
            }}
          />
        </Suspense>
      )}
    </main>
  );
}

/** Nothing was ever told on this bench, and the first steps were not skipped. */
function useIsNewBench(): boolean {
  const hasBegun = useAppSelector((state) => state.display.hasBegun);
  const { data: pieces } = usePiecesQuery();
  const { data: bottles } = useBottlesQuery();
  const { data: workshop } = useWorkshopQuery();
  return !hasBegun && pieces?.length === 0 && bottles?.length === 0 && workshop?.version === 0;
}
