import type { Piece } from '@eveningtide/core/subjects';
import { useEffect, type ReactNode } from 'react';
import { useParams } from 'react-router';
import { usePiecesQuery } from '../store/api.js';
import { draftOf } from '../store/drafts.js';
import { editorActions } from '../store/editor.js';
import { useAppDispatch, useAppSelector } from '../store/store.js';
import { Empty, Failed, Loading } from '../ui/states.js';
import { FocusProvider } from './focus.js';
import { PieceHeader } from './piece-header.js';

type Opening = { state: 'loading' | 'failed' | 'missing'; piece: null } | { state: 'open'; piece: Piece };

/** Opens the piece in the editor as soon as it is known, and follows what another tab saves. It stays open
 * when the view is left, until it is saved and another takes its place. */
function useOpenPiece(pieceId: string): Opening & { retry: () => void } {
  const dispatch = useAppDispatch();
  const { data, isError, refetch } = usePiecesQuery(undefined, { refetchOnMountOrArgChange: true, refetchOnFocus: true });
  const { piece, version, save } = useAppSelector((state) => state.editor);
  const stored = data?.find((one) => one.piece.id === pieceId);
  const isOpen = piece?.id === pieceId;
  const isBehind = isOpen && save === 'saved' && stored !== undefined && stored.version > version;
  // the piece that was open before is saved first; what cannot be saved now is kept as a draft
  const isWaiting = piece !== null && !isOpen && (save === 'unsaved' || save === 'saving');

  useEffect(() => {
    if (stored && !isWaiting && (!isOpen || isBehind)) dispatch(editorActions.opened({ stored, draft: draftOf(pieceId) }));
  }, [stored, isOpen, isBehind, isWaiting, pieceId, dispatch]);

  const retry = () => {
    void refetch();
  };
  if (isOpen) return { state: 'open', piece, retry };
  return { state: isError ? 'failed' : data && !stored ? 'missing' : 'loading', piece: null, retry };
}

/** A piece open in the editor: its header, and below it whatever of it is looked at. */
export function PieceFrame({ children }: { children: (piece: Piece) => ReactNode }) {
  const { pieceId = '' } = useParams();
  const { piece, state, retry } = useOpenPiece(pieceId);
  useUndoKeys();
  if (state === 'loading') return <Loading what="the piece" />;
  if (state === 'failed') return <Failed what="the piece" onRetry={retry} />;
  if (!piece) return <Empty title="This piece is not here">It may have been put aside, or a plan file has taken its place.</Empty>;
  return (
    <main className="flex min-h-0 flex-1 flex-col print:block">
      <FocusProvider key={piece.id}>
        <PieceHeader piece={piece} />
        {children(piece)}
      </FocusProvider>
    </main>
  );
}

/** Control or Command with Z takes back, with Shift as well or with Y does again; text fields keep their own. */
function useUndoKeys(): void {
  const dispatch = useAppDispatch();
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (
        !(event.ctrlKey || event.metaKey) ||
        event.target instanceof HTMLTextAreaElement ||
        (event.target instanceof HTMLInputElement && event.target.type === 'text')
      )
        return;
      const key = event.key.toLowerCase();
      if (key === 'z') dispatch(event.shiftKey ? editorActions.redone() : editorActions.undone());
      else if (key === 'y') dispatch(editorActions.redone());
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => {
      window.removeEventListener('keydown', onKey);
    };
  }, [dispatch]);
}
