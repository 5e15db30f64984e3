import type { Supplies } from '@eveningtide/core/materials';
import { gramsOf } from '@eveningtide/core/mixing';
import { formatNumber } from '@eveningtide/core/units';
import { useShown } from './shown.js';

/** How much of a material: powders are weighed, everything else is measured by volume. */
export function useAmount(supplies: Supplies): (ml: number, material: string) => string {
  const shown = useShown();
  return (ml, material) => {
    const what = supplies.material(material);
    return what.role === 'powder' ? `${formatNumber(gramsOf(ml, what), 2)} g` : shown.text(ml, 'volume');
  };
}
