import { countedMl, measuredOf, takenWords } from '@eveningtide/core/mixing';
import { useBench } from './use-bench.js';
import { useShown } from '../ui/shown.js';

/** How much of a material, as a person takes it: by the piece, by spoons and grams, by volume. */
export function useAmount(): (ml: number, material: string) => string {
  const shown = useShown();
  const { measuring, supplies, droppers } = useBench();
  const volume = (ml: number): string => shown.text(countedMl(ml), 'volume');
  return (ml, material) => takenWords(ml, measuredOf({ material, bottleId: null }, supplies, droppers), measuring, volume);
}
