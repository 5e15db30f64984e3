import type { Supplies } from '@eveningtide/core/materials';
import { formatNumber } from '@eveningtide/core/units';
import { useShown } from './shown.js';

/** How much of a material: powders are weighed, everything else is measured by volume. */
export function useAmount(supplies: Supplies): (ml: number, material: string) => string {
  const shown = useShown();
  return (ml, material) => {
    const { role, densityGPerMl } = supplies.material(material);
    return role === 'powder' ? `${formatNumber(ml * densityGPerMl, 2)} g` : shown.text(ml, 'volume');
  };
}
