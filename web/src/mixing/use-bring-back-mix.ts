import type { Mix } from '@eveningtide/core/mixing';
import type { Piece } from '@eveningtide/core/subjects';
import { toast } from 'sonner';
import { api, useSaveMixMutation, useSavePieceMutation } from '../store/api.js';
import { useAppDispatch } from '../store/store.js';

/** Steps that use a mix, by piece. */
export const stepsUsing = (pieces: readonly Piece[], mixId: string): { pieceId: string; stepIds: string[] }[] =>
  pieces.flatMap((piece) => {
    const stepIds = piece.steps.filter((step) => step.mixId === mixId).map(({ id }) => id);
    return stepIds.length > 0 ? [{ pieceId: piece.id, stepIds }] : [];
  });

/** Keeps a mix again that was taken away, and gives it back to the steps that used it. */
export function useBringBackMix(): (mix: Mix, used: ReturnType<typeof stepsUsing>) => Promise<void> {
  const dispatch = useAppDispatch();
  const [saveMix] = useSaveMixMutation();
  const [savePiece] = useSavePieceMutation();
  return async (mix, used) => {
    try {
      await saveMix({ version: 0, mix }).unwrap();
      const pieces = await dispatch(api.endpoints.pieces.initiate(undefined, { forceRefetch: true, subscribe: false })).unwrap();
      for (const { pieceId, stepIds } of used) {
        const stored = pieces.find(({ piece }) => piece.id === pieceId);
        if (!stored) continue;
        const steps = stored.piece.steps.map((step) =>
          stepIds.includes(step.id) && step.mixId === null ? { ...step, mixId: mix.id } : step,
        );
        await savePiece({ version: stored.version, piece: { ...stored.piece, steps } }).unwrap();
      }
    } catch {
      toast.error(`${mix.name} could not be brought back everywhere`, { description: 'Look at the pieces that used it.' });
    }
  };
}
