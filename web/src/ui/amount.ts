import type { Supplies } from '@eveningtide/core/materials';
import { gramsOf } from '@eveningtide/core/mixing';
import { formatNumber } from '@eveningtide/core/units';
import { useShown } from './shown.js';

/** Below a hundredth of a gram nobody weighs. */
const gramWords = (grams: number): string => (grams > 0 && grams < 0.01 ? 'under 0.01 g' : `${formatNumber(grams, 2)} g`);

/** How much of a material: powders are weighed, everything else is measured by volume. */
export function useAmount(supplies: Supplies): (ml: number, material: string) => string {
  const shown = useShown();
  return (ml, material) => {
    const what = supplies.material(material);
    return what.role === 'powder' ? gramWords(gramsOf(ml, what)) : shown.text(ml, 'volume');
  };
}
