import { MINUTES_PER_DAY } from '../units/index.js';
import type { Material } from '../materials/index.js';

/** How long a mix stays usable in a closed cup, and why no longer. */
export interface Keeps {
  minutes: number;
  why: string;
  /** Better made only when it is needed. */
  freshOnly: boolean;
}

const HOUR = 60;
/** From memory, as far as no entry says common practice. Lids are on; an open palette lasts minutes. */
export function keepsOf(material: Pick<Material, 'role' | 'carrier' | 'family' | 'id'>): Keeps {
  const { role, carrier, family } = material;
  if (role === 'filler') return { minutes: 15, why: 'it sets in the cup', freshOnly: true };
  if (carrier === 'cyano') return { minutes: 0, why: 'it is used from the tube', freshOnly: true };
  if (family === 'fixer-spirit' || family === 'fixer-alcohol')
    return { minutes: HOUR, why: 'the fixer flashes off and the powder cakes', freshOnly: true };
  if (role === 'powder' || role === 'slurry') return { minutes: 2 * HOUR, why: 'the powder settles and the water leaves', freshOnly: true };
  if (family === 'glue') return { minutes: MINUTES_PER_DAY, why: 'thinned glue separates', freshOnly: false };
  if (family === 'soluble') return { minutes: MINUTES_PER_DAY, why: 'thinned, it thickens at the rim', freshOnly: false };
  if (family === 'ink') return { minutes: 30 * MINUTES_PER_DAY, why: 'closed, alcohol keeps it', freshOnly: false };
  if (family === 'oil' || family === 'oil-water-mixable') return { minutes: 5 * MINUTES_PER_DAY, why: 'a skin forms', freshOnly: false };
  if (carrier === 'spirit') return { minutes: 7 * MINUTES_PER_DAY, why: 'closed, it keeps about a week once thinned', freshOnly: false };
  if (carrier === 'hot') return { minutes: 2 * MINUTES_PER_DAY, why: 'the thinner works its way out of a cup', freshOnly: false };
  return { minutes: 2 * MINUTES_PER_DAY, why: 'thinned acrylic thickens and grows lumps', freshOnly: false };
}
