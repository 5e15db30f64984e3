import { FROM_THE_TAP } from '../coverage/index.js';
import { deltaE00OfHex } from '../colour/index.js';
import type { Bottle, MaterialRole, Supplies } from '../materials/index.js';
import type { Use } from './uses.js';

/** What a use takes from one bottle. */
export interface Draw {
  use: Use;
  ml: number;
}

/** A bottle with what the plan takes from it, soonest first. */
export interface Holding {
  bottle: Bottle;
  draws: Draw[];
  reservedMl: number;
  /** What is left when all is done; null where it is not known how much there is. */
  leftAfterMl: number | null;
  /** Evening at which it runs out; null: it lasts, or the evening is not set. */
  runsOutOn: string | null;
  /** What it was wanted for and could not give. */
  shortMl: number;
}

/** What there is not enough of. */
export interface Shortage {
  material: string;
  bottleId: string | null;
  colour: string | null;
  ml: number;
  /** First evening at which it is missing. */
  firstDate: string | null;
  pieceIds: string[];
}

export interface Stock {
  holdings: Holding[];
  shortages: Shortage[];
}

/** A bottle of another colour stands in for one that is only named by colour up to here, ΔE₀₀ (our number). */
export const SAME_COLOUR_DE00 = 5;
/** Of these the colour does not matter. */
const COLOURLESS: ReadonlySet<MaterialRole> = new Set(['thinner', 'clear', 'fixer', 'soluble', 'glue', 'masking', 'filler']);

/**
 * Goes through the uses in time and takes each from the bottle that it names, else from those of its kind: opened ones first, the emptier
 * first. What no bottle can give is short. A bottle of which it is not known how much is in it never runs out.
 */
export function stockOf(uses: readonly Use[], supplies: Supplies): Stock {
  const holdings = supplies.bottles.map((bottle): Holding => ({
    bottle,
    draws: [],
    reservedMl: 0,
    leftAfterMl: bottle.leftMl,
    runsOutOn: null,
    shortMl: 0,
  }));
  const byId = new Map(holdings.map((holding) => [holding.bottle.id, holding]));
  const pools = new Map<string, Holding[]>();
  for (const holding of holdings) pools.set(holding.bottle.material, [...(pools.get(holding.bottle.material) ?? []), holding]);
  for (const pool of pools.values()) pool.sort(inUseFirst);
  const shortages = new Map<string, Shortage>();
  for (const use of uses) {
    if (FROM_THE_TAP.has(use.material)) continue;
    const named = use.bottleId === null ? undefined : byId.get(use.bottleId);
    const from = named ? [named] : (pools.get(use.material) ?? []).filter(({ bottle }) => fits(bottle, use, supplies));
    let wanted = use.ml;
    for (const holding of from) wanted -= drawn(holding, use, wanted);
    // what is left over by rounding of floating point is not missing
    if (wanted > 1e-9) {
      if (named) named.shortMl += wanted;
      missing(shortages, use, wanted, named ?? null);
    }
  }
  return { holdings, shortages: [...shortages.values()] };
}

const inUseFirst = ({ bottle: a }: Holding, { bottle: b }: Holding): number =>
  Number(b.openedOn !== null) - Number(a.openedOn !== null) || (a.leftMl ?? Infinity) - (b.leftMl ?? Infinity);

const fits = (bottle: Bottle, { material, colour }: Use, supplies: Supplies): boolean =>
  colour === null || COLOURLESS.has(supplies.material(material).role) || deltaE00OfHex(bottle.colour, colour) <= SAME_COLOUR_DE00;

/** Takes as much as there is, and says how much that was. */
function drawn(holding: Holding, use: Use, wantedMl: number): number {
  if (wantedMl <= 0) return 0;
  const ml = holding.leftAfterMl === null ? wantedMl : Math.min(wantedMl, holding.leftAfterMl);
  if (holding.leftAfterMl !== null) {
    holding.leftAfterMl -= ml;
    if (ml < wantedMl) holding.runsOutOn ??= use.date;
  }
  if (ml > 0) {
    holding.draws.push({ use, ml });
    holding.reservedMl += ml;
  }
  return ml;
}

function missing(shortages: Map<string, Shortage>, use: Use, ml: number, named: Holding | null): void {
  const colour = named ? named.bottle.colour : use.colour;
  const key = named ? named.bottle.id : `${use.material} ${colour ?? ''}`;
  const before = shortages.get(key);
  if (!before) {
    shortages.set(key, {
      material: use.material,
      bottleId: named?.bottle.id ?? null,
      colour,
      ml,
      firstDate: use.date,
      pieceIds: [use.pieceId],
    });
    return;
  }
  before.ml += ml;
  before.firstDate ??= use.date;
  if (!before.pieceIds.includes(use.pieceId)) before.pieceIds.push(use.pieceId);
}

/** What of a holding goes on which evening, soonest first; what has no evening yet last, under null. */
export function byEvening({ draws }: Pick<Holding, 'draws'>): { date: string | null; ml: number; pieceIds: string[] }[] {
  const evenings = new Map<string | null, { date: string | null; ml: number; pieceIds: string[] }>();
  for (const { use, ml } of draws) {
    const evening = evenings.get(use.date) ?? { date: use.date, ml: 0, pieceIds: [] };
    evening.ml += ml;
    if (!evening.pieceIds.includes(use.pieceId)) evening.pieceIds.push(use.pieceId);
    evenings.set(use.date, evening);
  }
  return [...evenings.values()].sort((a, b) => (a.date ?? '9999').localeCompare(b.date ?? '9999'));
}
