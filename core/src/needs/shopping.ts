import { deltaE00OfHex } from '../colour/index.js';
import { soldAs, type Bottle, type Sold, type Supplies } from '../materials/index.js';
import { canMix } from '../mixing/index.js';
import type { Holding, Shortage, Stock } from './stock.js';

/** A bottle on the shelf that could do instead. */
export interface StandIn {
  bottle: Bottle;
  /** ΔE₀₀ to the colour wanted; null where colour does not matter. */
  de00: number | null;
  /** It has enough left for all that is missing. */
  enough: boolean;
  /** It brings another liquid: the sequence must be checked anew. */
  otherCarrier: boolean;
}

export interface ShoppingItem extends Shortage {
  name: string;
  /** What to ask for in a shop: as one's own is sold, else as such things usually are. */
  buy: Sold & { count: number; price: number | null };
  standIns: StandIn[];
}

const MOST_STAND_INS = 3;
/** A colour farther off than this is no help, ΔE₀₀ (our number). */
const TOO_FAR_DE00 = 12;

/** What to buy, soonest needed first, and what on the shelf could do instead: same role, nearest colour, kindred liquid. */
export function shoppingList({ shortages, holdings }: Stock, supplies: Supplies): ShoppingItem[] {
  return shortages
    .map((shortage): ShoppingItem => {
      const own = supplies.bottle(shortage.bottleId);
      // where only the kind is named, one like that on the shelf says how it is sold
      const like = own ?? supplies.bottles.find((bottle) => bottle.material === shortage.material && bottle.sizeMl !== null) ?? null;
      const sold = soldAs(supplies.material(shortage.material));
      const ownMl = like?.sizeMl ?? 0;
      const sizeMl = ownMl > 0 ? ownMl : sold.sizeMl;
      return {
        ...shortage,
        name: own?.name ?? supplies.material(shortage.material).name,
        // a price is that of one's own bottle: of another size it says nothing
        buy: {
          ...sold,
          sizeMl,
          count: sizeMl === null ? 1 : Math.max(1, Math.ceil(shortage.ml / sizeMl)),
          price: ownMl > 0 ? (like?.price ?? null) : null,
        },
        standIns: standIns(shortage, holdings, supplies),
      };
    })
    .sort((a, b) => (a.firstDate ?? '9999').localeCompare(b.firstDate ?? '9999') || b.ml - a.ml);
}

function standIns(shortage: Shortage, holdings: readonly Holding[], supplies: Supplies): StandIn[] {
  const wanted = supplies.material(shortage.material);
  const found = holdings.flatMap(({ bottle, leftAfterMl }): StandIn[] => {
    const material = supplies.material(bottle.material);
    if (bottle.id === shortage.bottleId || material.role !== wanted.role || leftAfterMl === 0) return [];
    // a thinner of another liquid does another thing altogether, and a clear coat of another sheen looks different
    if (wanted.role === 'thinner' && !canMix(wanted, material)) return [];
    if (wanted.role === 'clear' && Math.abs((wanted.sheenGu ?? 0) - (material.sheenGu ?? 0)) > 15) return [];
    const de00 = shortage.colour === null ? null : deltaE00OfHex(bottle.colour, shortage.colour);
    if (de00 !== null && de00 > TOO_FAR_DE00) return [];
    return [{ bottle, de00, enough: leftAfterMl === null || leftAfterMl >= shortage.ml, otherCarrier: !canMix(wanted, material) }];
  });
  const rank = (one: StandIn): number => (one.de00 ?? 0) + (one.otherCarrier ? 6 : 0) + (one.enough ? 0 : 4);
  return found.sort((a, b) => rank(a) - rank(b)).slice(0, MOST_STAND_INS);
}
