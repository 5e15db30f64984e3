import type { Piece } from '@eveningtide/core/subjects';
import { useCallback, useEffect, type ReactNode } from 'react';
import { useParams } from 'react-router';
import { useUndoKeys } from '../keys/use-undo-keys.js';
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
  const dispatch = useAppDispatch();
  const undo = useCallback(() => dispatch(editorActions.undone()), [dispatch]);
  const redo = useCallback(() => dispatch(editorActions.redone()), [dispatch]);
  useUndoKeys(undo, redo);
  if (state === 'loading') return <Loading what="the piece" />;
  if (state === 'failed') return <Failed what="the piece" onRetry={retry} />;
  if (!piece)
    return (
      <Empty title="This piece is not here" go={{ to: '/pieces', words: 'To the pieces' }}>
        It may have been deleted, or a plan file has taken its place.
      </Empty>
    );
  return (
    <main className="flex min-h-0 flex-1 flex-col print:block">
      <FocusProvider key={piece.id}>
        <PieceHeader piece={piece} />
        {children(piece)}
      </FocusProvider>
    </main>
  );
}
