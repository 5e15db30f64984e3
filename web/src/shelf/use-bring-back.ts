import type { Bottle } from '@eveningtide/core/materials';
import type { Touch } from '@eveningtide/core/plan-file';
import { toast } from 'sonner';
import { api, useSaveBottleMutation, useSavePieceMutation } from '../store/api.js';
import { useAppDispatch } from '../store/store.js';

/** Puts a bottle back on the shelf, and into the steps that used it. */
export function useBringBack(): (bottle: Bottle, used: readonly Touch[]) => Promise<void> {
  const dispatch = useAppDispatch();
  const [saveBottle] = useSaveBottleMutation();
  const [savePiece] = useSavePieceMutation();
  return async (bottle, used) => {
    try {
      await saveBottle({ version: 0, bottle }).unwrap();
      const pieces = await dispatch(api.endpoints.pieces.initiate(undefined, { forceRefetch: true, subscribe: false })).unwrap();
      for (const { pieceId, steps } of used) {
        const stored = pieces.find(({ piece }) => piece.id === pieceId);
        if (!stored) continue;
        const piece = {
          ...stored.piece,
          // only where the step still is what it was
          steps: stored.piece.steps.map((step, i) =>
            steps.includes(i + 1) && step.bottleId === null && step.material === bottle.material ? { ...step, bottleId: bottle.id } : step,
          ),
        };
        await savePiece({ version: stored.version, piece }).unwrap();
      }
    } catch {
      toast.error(`${bottle.name} could not be brought back everywhere`, { description: 'Look at the pieces that used it.' });
    }
  };
}
