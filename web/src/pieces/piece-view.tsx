import type { Piece } from '@eveningtide/core/subjects';
import { useEffect } from 'react';
import { useParams } from 'react-router';
import { usePiecesQuery } from '../store/api.js';
import { draftOf } from '../store/drafts.js';
import { editorActions } from '../store/editor.js';
import { useAppDispatch, useAppSelector } from '../store/store.js';
import { Empty, Failed, Loading } from '../ui/states.js';
import { PieceHeader } from './piece-header.js';
import { Sequence } from './sequence.js';
import { useAutosave } from './use-autosave.js';

/** Opens the piece in the editor as soon as it is known, and closes it when the view is left. */
function useOpenPiece(pieceId: string): { piece: Piece | null; state: 'loading' | 'failed' | 'missing' | 'open'; retry: () => void } {
  const dispatch = useAppDispatch();
  const { data, isError, refetch } = usePiecesQuery(undefined, { refetchOnMountOrArgChange: true });
  const piece = useAppSelector((state) => state.editor.piece);
  const stored = data?.find((one) => one.piece.id === pieceId);
  const open = piece?.id === pieceId;

  useEffect(() => {
    if (stored && !open) dispatch(editorActions.opened({ stored, draft: draftOf(pieceId, stored.version) }));
  }, [stored, open, pieceId, dispatch]);
  useEffect(
    () => () => {
      dispatch(editorActions.closed());
    },
    [dispatch],
  );

  const state = open ? 'open' : isError ? 'failed' : data && !stored ? 'missing' : 'loading';
  return {
    piece: open ? piece : null,
    state,
    retry: () => {
      void refetch();
    },
  };
}

export function PieceView() {
  const { pieceId = '' } = useParams();
  const { piece, state, retry } = useOpenPiece(pieceId);
  useAutosave();
  useUndoKeys();
  if (state === 'loading') return <Loading what="the piece" />;
  if (state === 'failed') return <Failed what="the piece" onRetry={retry} />;
  if (!piece) return <Empty title="This piece is not here">It may have been put aside, or a plan file has taken its place.</Empty>;
  return (
    <main className="flex min-h-0 flex-1 flex-col print:block">
      <PieceHeader piece={piece} />
      <Sequence piece={piece} />
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
