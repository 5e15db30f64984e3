import type { Bottle } from './bottle.js';
import { MATERIALS, isMaterialId, materialById } from './catalogue/index.js';
import { materialOf, type OwnMaterial } from './own.js';
import type { Material } from './types.js';

/** What there is to spray with. */
export interface Sprayers {
  airbrush: boolean;
  cans: boolean;
}

/** What the painter has: bottles, and materials of their own on top of the catalogue. Plain data. */
export interface Shelf {
  bottles: readonly Bottle[];
  materials: readonly OwnMaterial[];
  /** Left out: both. */
  sprayers?: Sprayers;
}

export const EMPTY_SHELF: Shelf = { bottles: [], materials: [] };

/** How a bench differs from the label, as it has learnt from its log: factors on times. */
export interface Pace {
  minutesFactorOf: (techniqueId: string, tool: string) => number;
  dryingFactorOf: (what: { bottleId: string | null; material: string | null }) => number;
}

/** The catalogue with the shelf on top, ready to be asked. Whatever names a material or a bottle is looked up here. */
export interface Supplies {
  /** Every material there is: the painter's own first, then the catalogue. */
  readonly materials: readonly Material[];
  readonly bottles: readonly Bottle[];
  isMaterial: (id: string) => boolean;
  /** @throws RangeError naming the id when there is no such material. */
  material: (id: string) => Material;
  /** The catalogue's material that an own one is like; the id itself for one of the catalogue. */
  like: (id: string) => string;
  /** The bottle of that id; null where there is none, or where null is asked for. */
  bottle: (id: string | null) => Bottle | null;
  readonly sprayers: Sprayers;
  /** Left out: as the label has it. */
  readonly pace?: Pace;
}

/** What something is done with, in words: the bottle's own name, else the kind's; the bare id where neither is known any more, as in an old log. */
export function suppliesName({ bottleId, material }: { bottleId: string | null; material: string | null }, supplies: Supplies): string {
  if (material === null) return '';
  return supplies.bottle(bottleId)?.name ?? (supplies.isMaterial(material) ? supplies.material(material).name : material);
}

const BOTH: Sprayers = { airbrush: true, cans: true };

/** Of some kinds those that can be laid with what there is: what comes from a can is none where there are no cans. @throws RangeError for a kind that is not known. */
export const thoseThereAre = (materials: readonly string[], { sprayers, material }: Pick<Supplies, 'sprayers' | 'material'>): string[] =>
  materials.filter((id) => sprayers.cans || !material(id).aerosol);

/** What makes bare metal hold paint, and what keeps water out of card, the usual one first. */
export const METAL_GROUNDS = ['primer-etch-aerosol', 'primer-etch-brush'] as const;
export const CARD_GROUNDS = ['primer-lacquer-aerosol', 'primer-shellac-brush'] as const;

export function suppliesOf({ bottles, materials, sprayers = BOTH }: Shelf): Supplies {
  const own = new Map(
    materials.filter(({ like }) => isMaterialId(like)).map((given) => [given.id, materialOf(given, materialById(given.like))] as const),
  );
  const likes = new Map(materials.map((given) => [given.id, given.like]));
  const byId = new Map(bottles.map((bottle) => [bottle.id, bottle]));
  return {
    materials: [...own.values(), ...MATERIALS],
    bottles,
    sprayers,
    isMaterial: (id) => own.has(id) || isMaterialId(id),
    material: (id) => own.get(id) ?? materialById(id),
    like: (id) => likes.get(id) ?? id,
    bottle: (id) => (id === null ? null : (byId.get(id) ?? null)),
  };
}

/** The bare catalogue: no bottle, nothing of one's own. */
export const CATALOGUE: Supplies = suppliesOf(EMPTY_SHELF);
