import { recipeWishes, type Recipe } from '@eveningtide/core/effects';
import { NO_INTENT, type Picture, type Piece } from '@eveningtide/core/subjects';
import { useSavePieceMutation, useWorkshopQuery } from '../store/api.js';
import { toast } from '../store/toast.js';
import { useBenchNow, useOnHand } from '../workers/outlook-context.js';
import { arrangeService } from '../workers/threads.js';
import { orderAskedFor } from '../workers/order-asked-for.js';
import { useAddPictures } from './use-add-pictures.js';

export interface PieceWanted {
  piece: Piece;
  /** What it should look like; null: its steps are laid by hand. */
  recipe: Recipe | null;
  /** Colour it is to have, #rrggbb; null: as it comes. */
  bodyColour: string | null;
  photos?: readonly File[];
}

/** Makes a new piece: the sequence of its recipe is arranged, its photographs are stored, then it is saved as one. */
export function useMakePiece(): (wanted: PieceWanted) => Promise<Piece> {
  const [save] = useSavePieceMutation();
  const { data } = useWorkshopQuery();
  const { shelf } = useOnHand();
  const { date: today } = useBenchNow();
  const { add } = useAddPictures();

  const withSteps = async (piece: Piece, recipe: Recipe, bodyColour: string | null): Promise<Piece> => {
    if (!data || !shelf) throw new Error('workshop and shelf are not read yet');
    const intent = { ...NO_INTENT, wishes: recipeWishes(piece, recipe, bodyColour) };
    const { steps } = await arrangeService().arrange(orderAskedFor(piece, intent, { shelf, workshop: data.workshop, today }));
    if (!steps) toast.error('No order was found for this look', { description: 'What collides stands under Wishes of the piece.' });
    return { ...piece, intent, steps: steps ?? [] };
  };

  return async ({ piece: bare, recipe, bodyColour, photos = [] }) => {
    const pictures: Picture[] = [];
    await add(photos, (picture) => pictures.push(picture));
    const piece = { ...(recipe ? await withSteps(bare, recipe, bodyColour) : bare), pictures };
    await save({ version: 0, piece }).unwrap();
    return piece;
  };
}
