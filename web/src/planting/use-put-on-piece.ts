import { stepsOfPlanting, type Planting } from '@eveningtide/core/planting';
import { nanoid } from '@reduxjs/toolkit';
import { usePiecesQuery } from '../store/api.js';
import { useAddSteps } from '../ui/use-add-steps.js';
import { countWords } from '../ui/words.js';

/** The piece and zone that a planting grows on, and how its steps get there; null: a ground of its own. */
export function usePutOnPiece(planting: Planting): { name: string; put: () => Promise<void> } | null {
  const { data: pieces = [] } = usePiecesQuery();
  const { add } = useAddSteps();
  const stored = pieces.find(({ piece }) => piece.id === planting.pieceId);
  const zone = stored?.piece.zones.find(({ id }) => id === planting.zoneId);
  if (!stored || !zone) return null;
  return {
    name: stored.piece.name,
    put: () => {
      const steps = stepsOfPlanting(planting, zone).map((step) => ({ ...step, id: nanoid(12) }));
      return add(stored, steps, countWords(steps.length, 'step'));
    },
  };
}
