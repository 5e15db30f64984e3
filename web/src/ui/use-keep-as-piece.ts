import type { Piece } from '@eveningtide/core/subjects';
import { useNavigate } from 'react-router';
import { useSavePieceMutation } from '../store/api.js';
import { notifyFailure } from './notify.js';

/** Keeps a piece that something else was made into, and goes there. */
export function useKeepAsPiece(): (piece: Piece) => Promise<void> {
  const [save] = useSavePieceMutation();
  const navigate = useNavigate();
  return async (piece) => {
    try {
      await save({ version: 0, piece }).unwrap();
      await navigate(`/pieces/${piece.id}`);
    } catch (error) {
      notifyFailure('The piece was not made', error);
    }
  };
}
