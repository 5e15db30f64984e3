import type { Drying, DryingMechanism, Material, MaterialRole } from '../types.js';

/** Ages in minutes: touch, tack-free, recoat from, dry-hard, dry-through, solvent-proof. */
type Ages = readonly [number, number, number, number, number, number];

export const BY_WATER: DryingMechanism = { water: 1, solvent: 0, oxidation: 0 };
export const BY_SOLVENT: DryingMechanism = { water: 0, solvent: 1, oxidation: 0 };
/** Alkyds: the thinner leaves first, then the film takes up oxygen. Shares from memory. */
export const BY_ALKYD: DryingMechanism = { water: 0, solvent: 0.4, oxidation: 0.6 };
export const BY_OIL: DryingMechanism = { water: 0, solvent: 0.1, oxidation: 0.9 };

/** Of kinds whose times are those of data sheets: they hold in the standard air. The figures themselves are from memory. */
export const DATA_SHEETS = 'as on data sheets of the kind, from memory';

/** Drying ages as a table row. All catalogue times are from memory unless the entry says otherwise. */
export function dries(mechanism: DryingMechanism, referenceDryUm: number, ages: Ages, betweenCoatsMin = 10, source = 'from memory'): Drying {
  const [touchMin, tackFreeMin, recoatFromMin, dryHardMin, dryThroughMin, solventProofMin] = ages;
  return {
    mechanism,
    referenceDryUm,
    anchor: source === DATA_SHEETS ? 'standard' : 'room',
    ages: { touchMin, tackFreeMin, recoatFromMin, dryHardMin, dryThroughMin, solventProofMin },
    betweenCoatsMin,
    source,
  };
}

const PLAIN = {
  aerosol: false,
  volumeSolidsPct: 0,
  sheenGu: null,
  colour: '#8b8a88',
  minFilmC: null,
  blushRhPct: null,
  lifeMonths: null,
  hazards: [],
  driesLighter: false,
  drying: null,
  source: 'common practice',
} as const;

/** Densities, g/mL, by carrier; of dry matter as it lies loose. From memory; an entry may say otherwise. */
const DENSITY: Record<Material['carrier'], number> = { water: 1.15, alcohol: 0.85, spirit: 1.05, hot: 0.95, none: 0.7, cyano: 1.1, heat: 0.95 };

type Given = Pick<Material, 'id' | 'name' | 'role' | 'family' | 'carrier'> & Partial<Material>;

/** How well a kind hides what lies below, % at its reference film. From memory; an entry may say otherwise. */
const HIDING_PCT: Record<MaterialRole, number> = {
  primer: 95,
  paint: 92,
  clear: 0,
  wash: 45,
  filter: 14,
  powder: 80,
  slurry: 85,
  fixer: 0,
  soluble: 0,
  paste: 100,
  filler: 100,
  glue: 3,
  aggregate: 97,
  decal: 95,
  drawing: 80,
  masking: 0,
  thinner: 0,
};
/** What dries lighter looks about so much darker while wet, L* units (from memory). */
const WET_DARKER_L = 8;

export const material = (given: Given): Material => ({
  ...PLAIN,
  hidingPct: HIDING_PCT[given.role],
  densityGPerMl: DENSITY[given.carrier],
  wetDarkerL: given.driesLighter ? WET_DARKER_L : 0,
  ...given,
});

/** What kinds of liquid share. Film-forming limits and lives are common practice; solids are from memory. */
export const WATERBORNE = { carrier: 'water', minFilmC: 10, lifeMonths: 24, volumeSolidsPct: 35 } as const;
export const SPIRIT_BORNE = {
  carrier: 'spirit',
  minFilmC: 5,
  lifeMonths: 36,
  hazards: ['flammable-vapour', 'oily-rags'],
  volumeSolidsPct: 45,
} as const;
export const AEROSOL_LACQUER = {
  carrier: 'hot',
  aerosol: true,
  minFilmC: 8,
  blushRhPct: 80,
  lifeMonths: 24,
  hazards: ['flammable-vapour'],
  volumeSolidsPct: 15,
} as const;
