import { completionOf } from '@eveningtide/core/schedule';
import { PIECE_KIND_NAMES, type Piece } from '@eveningtide/core/subjects';
import { techniqueById } from '@eveningtide/core/techniques';
import { Trash2 } from 'lucide-react';
import { lazy, Suspense } from 'react';
import { Link } from 'react-router';
import { useDeletePieceMutation, useRestoreDeletedMutation, type StoredPiece } from '../store/api.js';
import { useDays } from '../ui/days.js';
import { notifyDeleted, notifyFailure } from '../ui/notify.js';
import { countWords } from '../ui/words.js';
import { usePieceOutlook, usePlan } from '../workers/outlook-context.js';
import { CompletionWords } from './completion-words.js';
import { PieceMenu } from './piece-menu.js';
import { PieceProgress } from './piece-progress.js';
import { substrateWords } from './substrate-words.js';

/** The looks come with the rules that predict them: the list does not wait. */
const FinishedLook = lazy(async () => ({ default: (await import('../looks/finished-look.js')).FinishedLook }));

/** How large a piece is shown in the gallery, px. */
const [TILE_WIDTH_PX, TILE_HEIGHT_PX] = [232, 110];

/** A piece as a row: small, with what is known of it side by side. */
export function PieceRow({ stored }: { stored: StoredPiece }) {
  const { piece } = stored;
  return (
    <div className="grid grid-cols-[8rem_minmax(0,2fr)_minmax(0,1.5fr)_minmax(0,1fr)_auto] items-center gap-4 px-2 py-2.5 hover:bg-paper max-[40rem]:grid-cols-[minmax(0,1fr)_auto] max-[40rem]:gap-x-2 max-[40rem]:[&>*:first-child]:hidden max-[40rem]:[&>*:nth-child(3)]:col-start-1 max-[40rem]:[&>*:nth-child(4)]:col-start-1 max-[40rem]:[&>*:nth-child(5)]:col-start-2 max-[40rem]:[&>*:nth-child(5)]:row-start-1">
      <Suspense fallback={<span />}>
        <FinishedLook piece={piece} />
      </Suspense>
      <Name piece={piece} />
      <div>
        <PieceProgress piece={piece} />
        <Trouble pieceId={piece.id} />
      </div>
      <p className="text-ink-2">
        <When piece={piece} />
      </p>
      <Handles stored={stored} />
    </div>
  );
}

/** A piece as a picture, with what is known of it below. */
export function PieceTile({ stored }: { stored: StoredPiece }) {
  const { piece } = stored;
  return (
    <div className="flex h-full flex-col border border-line bg-paper p-3">
      <Link
        to={`/pieces/${piece.id}/surface`}
        tabIndex={-1}
        aria-hidden="true"
        className="flex justify-center"
        style={{ height: TILE_HEIGHT_PX }}
      >
        <Suspense fallback={<span />}>
          <FinishedLook piece={piece} widthPx={TILE_WIDTH_PX} heightPx={TILE_HEIGHT_PX} />
        </Suspense>
      </Link>
      <div className="mt-2 grow">
        <Name piece={piece} />
        <div className="mt-1">
          <PieceProgress piece={piece} />
          <Next pieceId={piece.id} />
          <Trouble pieceId={piece.id} />
        </div>
      </div>
      <div className="mt-1 flex items-center justify-between gap-2">
        <p className="text-ink-2">
          <When piece={piece} />
        </p>
        <Handles stored={stored} />
      </div>
    </div>
  );
}

const Name = ({ piece }: { piece: Piece }) => (
  <div className="min-w-0">
    <Link
      to={`/pieces/${piece.id}`}
      className="text-lg font-semibold underline decoration-line-strong underline-offset-2 hover:decoration-ink"
    >
      {piece.name}
    </Link>
    <p className="text-ink-2">
      {PIECE_KIND_NAMES[piece.kind]}
      {piece.members.length > 1 && `, batch of ${String(piece.members.length)}`}, <span className="figures">1 : {piece.scaleRatio}</span>,{' '}
      {substrateWords(piece)}
    </p>
  </div>
);

/** What can be done with it besides. */
function Handles({ stored }: { stored: StoredPiece }) {
  const { piece } = stored;
  const [remove] = useDeletePieceMutation();
  const [restore] = useRestoreDeletedMutation();
  const throwAway = async () => {
    try {
      await remove(piece.id).unwrap();
      notifyDeleted(`${piece.name} deleted`, { kind: 'piece', id: piece.id }, restore);
    } catch (error) {
      notifyFailure(`${piece.name} was not deleted`, error);
    }
  };
  return (
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
  );
}

/** The step that comes next, or what is going on. */
function Next({ pieceId }: { pieceId: string }) {
  const own = usePieceOutlook(pieceId);
  if (!own) return null;
  const at = own.sittings.findIndex((sittings) => sittings.some(({ begun }) => begun === null || begun.isRunning));
  const step = own.steps[at];
  if (!step) return null;
  const isOn = own.sittings[at]?.some(({ begun }) => begun?.isRunning) === true;
  return (
    <p>
      {isOn ? 'now' : 'next'}: {techniqueById(step.technique).name.toLowerCase()}
    </p>
  );
}

/** When it is done, or why nobody knows. */
function When({ piece }: { piece: Piece }) {
  const { outlook, soFar } = usePlan();
  const own = usePieceOutlook(piece.id);
  const days = useDays();
  const completion = own ? completionOf(own) : null;
  if (soFar && completion) return <CompletionWords completion={completion} originDate={soFar.originDate} days={days} />;
  if (own && own.reports.length > 0)
    return <b className="text-brick">{countWords(own.placed.filter((isPlaced) => !isPlaced).length, 'step')} without an evening</b>;
  if (piece.archivedOn !== null) return <>archived {days.day(piece.archivedOn)}</>;
  // nothing is claimed of a piece that the plan has not come to yet
  return <>{outlook || piece.steps.length === 0 ? 'nothing planned' : 'being worked out …'}</>;
}

function Trouble({ pieceId }: { pieceId: string }) {
  const own = usePieceOutlook(pieceId);
  if (!own || own.steps.length === 0) return null;
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
