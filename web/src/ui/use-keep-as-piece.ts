import type { Piece } from '@eveningtide/core/subjects';
import { useNavigate } from 'react-router';
import { useSavePieceMutation } from '../store/api.js';
import { toast } from '../store/toast.js';
import { notifyFailure } from './notify.js';

/** Keeps a piece that something else was made into, and goes there, unless the painter has gone elsewhere meanwhile. */
export function useKeepAsPiece(): (piece: Piece) => Promise<void> {
  const [save] = useSavePieceMutation();
  const navigate = useNavigate();
  return async (piece) => {
    const from = window.location.pathname;
    try {
      await save({ version: 0, piece }).unwrap();
      if (window.location.pathname === from) await navigate(`/pieces/${piece.id}`);
      else toast(`${piece.name} is among your pieces`);
    } catch (error) {
      notifyFailure('The piece was not made', error);
    }
  };
}
