import { completionOf } from '@eveningtide/core/schedule';
import { substrateById, PIECE_KIND_NAMES, type Piece } from '@eveningtide/core/subjects';
import { Plus, Trash2 } from 'lucide-react';
import { Link, Navigate, useSearchParams } from 'react-router';
import {
  useBottlesQuery,
  useDeletePieceMutation,
  usePiecesQuery,
  useRestoreDeletedMutation,
  useWorkshopQuery,
  type StoredPiece,
} from '../store/api.js';
import { useAppSelector } from '../store/store.js';
import { Button } from '../ui/button.js';
import { NearView } from '../ui/near-view.js';
import { Empty, Failed, Loading } from '../ui/states.js';
import { useDays } from '../ui/days.js';
import { usePieceOutlook, usePlan } from '../workers/outlook-context.js';
import { CompletionWords } from './completion-words.js';
import { NewPieceDialog } from './new-piece-dialog.js';
import { PieceMenu } from './piece-menu.js';
import { PlanFileMenu } from './plan-file-menu.js';
import { countWords } from '../ui/words.js';
import { notifyDeleted, notifyFailure } from '../ui/notify.js';

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
      <header className="mb-4 flex items-center justify-between gap-4">
        <h1 className="text-[1.6875rem] font-bold">Pieces</h1>
        <div className="flex items-center gap-3">
          <Link to="/finishes" className="underline">
            Finishes
          </Link>
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
      {open && open.length > 0 && <PieceList pieces={open} />}
      {archived.length > 0 && (
        <details className="mt-6">
          <summary className="mb-2 font-semibold">Archive ({archived.length})</summary>
          <PieceList pieces={archived} />
        </details>
      )}
      {search.has('new') && (
        <NewPieceDialog
          onClose={() => {
            setMaking(false);
          }}
        />
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

/** So many rows are made at once; more when they come near what is seen. */
const FIRST_ROWS = 16;
const ROW_PX = 72;

function PieceList({ pieces }: { pieces: readonly StoredPiece[] }) {
  return (
    <ul className="divide-y divide-line border-y border-line">
      {pieces.map((stored, i) => (
        <li key={stored.piece.id}>
          <NearView height={ROW_PX} always={i < FIRST_ROWS}>
            {() => <PieceItem stored={stored} />}
          </NearView>
        </li>
      ))}
    </ul>
  );
}

const substrateWords = (piece: Piece): string =>
  [...new Set(piece.zones.filter((zone) => !zone.keepClean).map((zone) => substrateById(zone.substrate).name.toLowerCase()))].join(', ');

function PieceItem({ stored }: { stored: StoredPiece }) {
  const { piece } = stored;
  const { outlook, soFar } = usePlan();
  const own = usePieceOutlook(piece.id);
  const [remove] = useDeletePieceMutation();
  const [restore] = useRestoreDeletedMutation();
  const completion = own ? completionOf(own) : null;
  const days = useDays();
  const throwAway = async () => {
    try {
      await remove(piece.id).unwrap();
      notifyDeleted(`${piece.name} deleted`, { kind: 'piece', id: piece.id }, restore);
    } catch (error) {
      notifyFailure(`${piece.name} was not deleted`, error);
    }
  };
  return (
    <div className="grid grid-cols-[minmax(0,2fr)_minmax(0,1.6fr)_minmax(0,1fr)_auto] items-center gap-4 px-2 py-2.5 hover:bg-paper">
      <div>
        <Link
          to={`/pieces/${piece.id}`}
          className="text-lg font-semibold underline decoration-line-strong underline-offset-2 hover:decoration-ink"
        >
          {piece.name}
        </Link>
        <p className="text-ink-2">
          {PIECE_KIND_NAMES[piece.kind]}
          {piece.members.length > 1 && `, batch of ${String(piece.members.length)}`},{' '}
          <span className="figures">1 : {piece.scaleRatio}</span>, {substrateWords(piece)}
        </p>
      </div>
      <div>
        <p>{countWords(piece.steps.length, 'step')}</p>
        <Trouble pieceId={piece.id} />
      </div>
      <p className="text-ink-2">
        {soFar && completion ? (
          <CompletionWords completion={completion} originDate={soFar.originDate} days={days} />
        ) : own && own.reports.length > 0 ? (
          <b className="text-brick">{countWords(own.placed.filter((isPlaced) => !isPlaced).length, 'step')} without an evening</b>
        ) : piece.archivedOn !== null ? (
          <>archived {days.day(piece.archivedOn)}</>
        ) : outlook || piece.steps.length === 0 ? (
          'nothing planned'
        ) : (
          // nothing is claimed of a piece that the plan has not come to yet
          'being worked out …'
        )}
      </p>
      <div className="flex">
        <PieceMenu stored={stored} />
        <button
          type="button"
          aria-label={`Delete ${piece.name}`}
          className="rounded-sm p-2 hover:bg-ground"
          onClick={() => {
            void throwAway();
          }}
        >
          <Trash2 size={17} aria-hidden="true" />
        </button>
      </div>
    </div>
  );
}

function Trouble({ pieceId }: { pieceId: string }) {
  const own = usePieceOutlook(pieceId);
  if (!own) return null;
  const snags = own.findings.filter((f) => f.severity === 'snag' && f.waived === null).length;
  const cautions = own.findings.filter((f) => f.severity === 'caution' && f.waived === null).length;
  if (snags + cautions === 0) return <p className="text-tide">no problems found</p>;
  return (
    <p className="flex gap-3">
      {snags > 0 && <b className="font-semibold text-brick">{countWords(snags, 'snag')}</b>}
      {cautions > 0 && <span>{countWords(cautions, 'caution')}</span>}
    </p>
  );
}
