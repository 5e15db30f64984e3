import { useEffect, useRef } from 'react';
import { refusalOf, useSavePieceMutation } from '../store/api.js';
import { SCREEN } from '../store/ask.js';
import { dropDraft, keepDraft } from '../store/drafts.js';
import { editorActions } from '../store/editor.js';
import { useAppDispatch, useAppSelector } from '../store/store.js';

const QUIET_MS = 500;
const RETRY_MS = 3000;

/** Saves the piece a moment after the last change, tries again while the server is away, and keeps a draft meanwhile. */
export function useAutosave(): void {
  const dispatch = useAppDispatch();
  const { piece, version, save } = useAppSelector((state) => state.editor);
  const [send] = useSavePieceMutation();
  const sending = useRef(false);

  useEffect(() => {
    if (!piece) return;
    if (save === 'saved') dropDraft(piece.id);
    else keepDraft(piece, version, SCREEN);
  }, [piece, version, save]);

  useEffect(() => {
    if (!piece || (save !== 'unsaved' && save !== 'offline')) return;
    const timer = setTimeout(
      () => {
        if (sending.current) return;
        sending.current = true;
        dispatch(editorActions.saving());
        send({ version, piece })
          .unwrap()
          .then((stored) => {
            dispatch(editorActions.saved({ version: stored.version, sent: piece }));
          })
          .catch((error: unknown) => {
            const refusal = refusalOf(error);
            if (refusal?.status === 409 && refusal.data.stored) dispatch(editorActions.conflicted(refusal.data.stored));
            else {
              const message = refusal?.data.message ?? null;
              const isFinal = refusal !== null && refusal.status < 500;
              dispatch(editorActions.saveFailed({ refusal: isFinal ? message : null, trouble: isFinal ? null : message }));
            }
          })
          .finally(() => {
            sending.current = false;
          });
      },
      save === 'offline' ? RETRY_MS : QUIET_MS,
    );
    return () => {
      clearTimeout(timer);
    };
  }, [piece, version, save, send, dispatch]);
}
