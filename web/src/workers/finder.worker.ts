import type { Lab } from '@eveningtide/core/colour';
import { findRecipes, opticsOfBottle, type Candidate, type FoundRecipe } from '@eveningtide/core/matching';
import { suppliesOf, type Shelf } from '@eveningtide/core/materials';
import { expose } from 'comlink';

export interface FindQuestion {
  target: Lab;
  shelf: Shelf;
  /** Bottles that may be used. */
  bottleIds: readonly string[];
  mostBottles: 2 | 3;
}

/** Millions of recipes are tried: in a thread of its own. */
const service = {
  find({ target, shelf, bottleIds, mostBottles }: FindQuestion): FoundRecipe[] {
    const supplies = suppliesOf(shelf);
    const candidates = bottleIds.flatMap((id): Candidate[] => {
      const bottle = supplies.bottle(id);
      return bottle ? [{ id, material: supplies.material(bottle.material), optics: opticsOfBottle(bottle, supplies) }] : [];
    });
    return findRecipes({ target, candidates, mostBottles, count: 6 });
  },
};
export type FinderService = typeof service;
expose(service);
