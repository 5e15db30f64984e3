import type { Piece } from '@eveningtide/core/subjects';
import { useSavePieceMutation, type StoredPiece } from './api.js';
import { editorActions } from './editor.js';
import { useAppDispatch, useAppSelector } from './store.js';

/** Anything of a piece but its steps. */
type Change = Parameters<typeof editorActions.patched>[0];

/** A piece as it is now, wherever it lies: that on the bench is changed there, so that undo knows of it; any other is saved. */
export function useChangePiece({ version, piece: stored }: StoredPiece): { piece: Piece; change: (change: Change) => Promise<void> } {
  const dispatch = useAppDispatch();
  const [save] = useSavePieceMutation();
  const edited = useAppSelector((state) => state.editor.piece);
  const isOpen = edited?.id === stored.id;
  const piece = isOpen ? edited : stored;
  return {
    piece,
    change: async (change) => {
      if (isOpen) dispatch(editorActions.patched(change));
      else await save({ version, piece: { ...piece, ...change } }).unwrap();
    },
  };
}
