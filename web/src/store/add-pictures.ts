import type { Picture } from '@eveningtide/core/subjects';
import { api, type StoredPiece } from './api.js';
import { SCREEN } from './ask.js';
import { draftOf, keepDraft } from './drafts.js';
import { editorActions } from './editor.js';
import type { AppThunk } from './store.js';

/** A photograph comes to the piece it was sent for, whichever is open by then; that piece is saved by its own version. */
export const pictureAdded =
  (pieceId: string, picture: Picture): AppThunk<Promise<void>> =>
  async (dispatch, getState) => {
    if (getState().editor.piece?.id === pieceId) {
      dispatch(editorActions.pictureAdded({ pieceId, picture }));
      return;
    }
    const known = draftOf(pieceId) ?? (await dispatch(storedNow(pieceId)));
    // it may have been opened again while it was asked for
    if (getState().editor.piece?.id === pieceId) dispatch(editorActions.pictureAdded({ pieceId, picture }));
    else if (known) keepDraft({ ...known.piece, pictures: [...known.piece.pictures, picture] }, known.version, SCREEN);
  };

const storedNow =
  (pieceId: string): AppThunk<Promise<StoredPiece | null>> =>
  async (dispatch) => {
    const pieces = await dispatch(api.endpoints.pieces.initiate(undefined, { forceRefetch: true, subscribe: false })).unwrap();
    return pieces.find(({ piece }) => piece.id === pieceId) ?? null;
  };
