import { stepsOfPlanting, type Planting } from '@eveningtide/core/planting';
import { nanoid } from '@reduxjs/toolkit';
import { useNavigate } from 'react-router';
import { usePiecesQuery, useSavePieceMutation } from '../store/api.js';
import { editorActions } from '../store/editor.js';
import { useAppDispatch, useAppSelector } from '../store/store.js';
import { notifyFailure } from '../ui/notify.js';

/** The piece and zone that a planting grows on, and how its steps get there; null: a ground of its own. */
export function usePutOnPiece(planting: Planting): { name: string; put: () => Promise<void> } | null {
  const { data: pieces = [] } = usePiecesQuery();
  const [save] = useSavePieceMutation();
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const edited = useAppSelector((state) => state.editor.piece);
  const stored = pieces.find(({ piece }) => piece.id === planting.pieceId);
  const piece = edited && edited.id === planting.pieceId ? edited : stored?.piece;
  const zone = piece?.zones.find(({ id }) => id === planting.zoneId);
  if (!stored || !piece || !zone) return null;
  return {
    name: piece.name,
    put: async () => {
      const steps = stepsOfPlanting(planting, zone).map((step) => ({ ...step, id: nanoid(12) }));
      try {
        // on the bench it is added there, so that undo knows of it
        if (piece === edited) dispatch(editorActions.stepsAdded({ steps, at: piece.steps.length }));
        else await save({ version: stored.version, piece: { ...piece, steps: [...piece.steps, ...steps] } }).unwrap();
        await navigate(`/pieces/${piece.id}`);
      } catch (error) {
        notifyFailure(`${piece.name} stays as it was`, error);
      }
    },
  };
}
