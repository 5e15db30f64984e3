import type { Step } from '@eveningtide/core/subjects';
import { useNavigate } from 'react-router';
import { useSavePieceMutation, type StoredPiece } from '../store/api.js';
import { editorActions } from '../store/editor.js';
import { useAppDispatch, useAppSelector } from '../store/store.js';
import { notifyFailure, notifyWithUndo } from './notify.js';

/** Puts steps at the end of a piece, open on the bench or not, tells of it with an undo, and goes there. */
export function useAddSteps(): { add: (to: StoredPiece, steps: readonly Step[], what: string) => Promise<void>; isAdding: boolean } {
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const [save, { isLoading }] = useSavePieceMutation();
  const edited = useAppSelector((state) => state.editor.piece);
  return {
    isAdding: isLoading,
    add: async ({ version, piece }, steps, what) => {
      const words = `${what} put at the end of ${piece.name}`;
      try {
        if (edited?.id === piece.id) {
          dispatch(editorActions.stepsAdded({ steps, at: edited.steps.length }));
          notifyWithUndo(words, () => {
            dispatch(editorActions.stepsRemoved(steps.map(({ id }) => id)));
            return Promise.resolve();
          });
        } else {
          await save({ version, piece: { ...piece, steps: [...piece.steps, ...steps] } }).unwrap();
          notifyWithUndo(words, () => save({ version: version + 1, piece }).unwrap());
        }
        await navigate(`/pieces/${piece.id}`);
      } catch (error) {
        notifyFailure(`${piece.name} stays as it was`, error);
      }
    },
  };
}
