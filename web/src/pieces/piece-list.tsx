import { completionOf } from '@eveningtide/core/schedule';
import { PIECE_KIND_NAMES, substrateById, type Piece } from '@eveningtide/core/subjects';
import { Trash2 } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { Link } from 'react-router';
import { useDeletePieceMutation, useRestoreDeletedMutation, type StoredPiece } from '../store/api.js';
import { useDays } from '../ui/days.js';
import { NearView } from '../ui/near-view.js';
import { notifyDeleted, notifyFailure } from '../ui/notify.js';
import { SearchField } from '../ui/search-field.js';
import { Empty } from '../ui/states.js';
import { countWords } from '../ui/words.js';
import { usePieceOutlook, usePlan } from '../workers/outlook-context.js';
import { CompletionWords } from './completion-words.js';
import { PieceMenu } from './piece-menu.js';
import { PieceProgress } from './piece-progress.js';
import { ORDERS, useOrdered, type Order } from './piece-order.js';

/** The looks come with the rules that predict them: the list does not wait. */
const FinishedLook = lazy(async () => ({ default: (await import('../looks/finished-look.js')).FinishedLook }));

/** So many rows are made at once; more when they come near what is seen. */
const FIRST_ROWS = 12;
const ROW_PX = 88;
/** From so many pieces on they are searched and sorted. */
const MANY = 2;

export function PieceList({ pieces, searched = false }: { pieces: readonly StoredPiece[]; searched?: boolean }) {
  const [words, setWords] = useState('');
  const [order, setOrder] = useState<Order>('made');
  const ordered = useOrdered(pieces, order);
  const asked = words.toLowerCase().split(/\s+/);
  const found = ordered.filter(({ piece }) => {
    const said = `${piece.name} ${PIECE_KIND_NAMES[piece.kind]} ${substrateWords(piece)}`.toLowerCase();
    return asked.every((word) => said.includes(word));
  });
  return (
    <>
      {searched && pieces.length >= MANY && (
        <div className="flex flex-wrap items-start gap-3">
          <SearchField label="Search your pieces" placeholder="name, kind, made of …" text={words} onChange={setWords} />
          <select
            aria-label="In which order"
            className="field !w-auto"
            value={order}
            onChange={(event) => {
              setOrder(event.target.value as Order);
            }}
          >
            {ORDERS.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </div>
      )}
      {found.length === 0 ? (
        <Empty title="Nothing found">No piece of that name or kind.</Empty>
      ) : (
        <ul className="divide-y divide-line border-y border-line">
          {found.map((stored, i) => (
            <li key={stored.piece.id}>
              <NearView height={ROW_PX} always={i < FIRST_ROWS}>
                {() => <PieceItem stored={stored} />}
              </NearView>
            </li>
          ))}
        </ul>
      )}
    </>
  );
}

const substrateWords = (piece: Piece): string =>
  [...new Set(piece.zones.filter((zone) => !zone.keepClean).map((zone) => substrateById(zone.substrate).name.toLowerCase()))].join(', ');

function PieceItem({ stored }: { stored: StoredPiece }) {
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
    <div className="grid grid-cols-[8rem_minmax(0,2fr)_minmax(0,1.5fr)_minmax(0,1fr)_auto] items-center gap-4 px-2 py-2.5 hover:bg-paper max-[40rem]:grid-cols-[minmax(0,1fr)_auto] max-[40rem]:gap-x-2 max-[40rem]:[&>*:first-child]:hidden max-[40rem]:[&>*:nth-child(3)]:col-start-1 max-[40rem]:[&>*:nth-child(4)]:col-start-1 max-[40rem]:[&>*:nth-child(5)]:col-start-2 max-[40rem]:[&>*:nth-child(5)]:row-start-1">
      <Suspense fallback={<span />}>
        <FinishedLook piece={piece} />
      </Suspense>
      <div className="min-w-0">
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
        <PieceProgress piece={piece} />
        <Trouble pieceId={piece.id} />
      </div>
      <p className="text-ink-2">
        <When piece={piece} />
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
