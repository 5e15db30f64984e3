import type { Holding } from './stock.js';

export interface PieceCost {
  pieceId: string;
  /** In the painter's own currency, of what has a price. */
  cost: number;
  /** Bottles whose price or size is not known. */
  unpriced: string[];
}

/** What a millilitre of a bottle costs; null where price or size is not known. */
export const pricePerMl = ({ price, sizeMl }: { price: number | null; sizeMl: number | null }): number | null =>
  price === null || sizeMl === null || sizeMl <= 0 ? null : price / sizeMl;

/** The cost of what each piece takes from the shelf, its share of cups and cleaning included. What is short is not in it. */
export function costsOf(holdings: readonly Holding[]): PieceCost[] {
  const costs = new Map<string, PieceCost>();
  for (const { bottle, draws } of holdings) {
    const perMl = pricePerMl(bottle);
    for (const { use, ml } of draws) {
      const piece = costs.get(use.pieceId) ?? { pieceId: use.pieceId, cost: 0, unpriced: [] };
      if (perMl !== null) piece.cost += perMl * ml;
      else if (!piece.unpriced.includes(bottle.name)) piece.unpriced.push(bottle.name);
      costs.set(use.pieceId, piece);
    }
  }
  return [...costs.values()];
}
