import { useEffect } from 'react';
import { api, refusalOf } from './api.js';
import { SCREEN } from './ask.js';
import { draftOf, draftedPieces, dropDraft } from './drafts.js';
import { useAppDispatch, type AppThunk } from './store.js';
import { isTabOpen } from './tabs.js';
import { toast } from './toast.js';

/** So often it is looked whether something was left unsent: a tab that was closed, a piece that was left while the server was away. */
const LOOK_EVERY_MS = 3000;

/** What was said once of a draft is not said again. */
const told = new Set<string>();

/** Sends one draft whose piece is not open. What cannot be sent stays, and is asked about when the piece is opened. */
const sendDraft =
  (id: string): AppThunk<Promise<void>> =>
  async (dispatch, getState) => {
    const draft = draftOf(id);
    if (!draft || getState().editor.piece?.id === id) return;
    if (draft.tab !== null && (await isTabOpen(draft.tab)) && draft.tab !== SCREEN) return;
    const { version, piece } = draft;
    try {
      await dispatch(api.endpoints.savePiece.initiate({ version, piece })).unwrap();
      // what was typed meanwhile, elsewhere, stays
      if (JSON.stringify(draftOf(id)) === JSON.stringify(draft)) dropDraft(id);
    } catch (error) {
      const refusal = refusalOf(error);
      if (!refusal || refusal.status >= 500 || told.has(id)) return;
      told.add(id);
      toast.error(`“${piece.name}” holds something that was never saved`, {
        description: refusal.status === 409 ? 'It was changed elsewhere as well: open the piece to choose.' : refusal.data.message,
      });
    }
  };

/** Sends what was typed in pieces that are not open any more. Runs once for the whole app. */
export function useSendDrafts(): void {
  const dispatch = useAppDispatch();
  useEffect(() => {
    let going = false;
    const look = async (): Promise<void> => {
      if (going) return;
      going = true;
      try {
        for (const id of draftedPieces()) await dispatch(sendDraft(id));
      } finally {
        going = false;
      }
    };
    void look();
    const timer = setInterval(() => void look(), LOOK_EVERY_MS);
    return () => {
      clearInterval(timer);
    };
  }, [dispatch]);
}
