import type { Material, MaterialRole } from './types.js';

/** What something is bought in: the container, and how much is in it, mL; null where it is not bought by how much is in it. */
export interface Sold {
  container: 'bottle' | 'tin' | 'can' | 'tube' | 'tub' | 'bag' | 'pack' | 'pen' | 'roll' | 'sheet';
  sizeMl: number | null;
}

/** What a role is usually bought in. Sizes are from memory; the size of one's own bottle goes before them. */
const BY_ROLE: Record<MaterialRole, Sold> = {
  primer: { container: 'bottle', sizeMl: 60 },
  paint: { container: 'bottle', sizeMl: 17 },
  clear: { container: 'bottle', sizeMl: 60 },
  wash: { container: 'bottle', sizeMl: 30 },
  filter: { container: 'bottle', sizeMl: 30 },
  powder: { container: 'tub', sizeMl: 30 },
  slurry: { container: 'bottle', sizeMl: 30 },
  fixer: { container: 'bottle', sizeMl: 30 },
  soluble: { container: 'bottle', sizeMl: 30 },
  paste: { container: 'tub', sizeMl: 100 },
  filler: { container: 'tub', sizeMl: 250 },
  glue: { container: 'bottle', sizeMl: 100 },
  aggregate: { container: 'bag', sizeMl: 200 },
  decal: { container: 'sheet', sizeMl: null },
  drawing: { container: 'pen', sizeMl: null },
  masking: { container: 'roll', sizeMl: null },
  thinner: { container: 'bottle', sizeMl: 250 },
};

const CAN: Sold = { container: 'can', sizeMl: 400 };
const TIN: Sold = { container: 'tin', sizeMl: 14 };
const TUBE: Sold = { container: 'tube', sizeMl: 20 };
const HOUSEHOLD: Sold = { container: 'tin', sizeMl: 250 };
const STICKS: Sold = { container: 'pack', sizeMl: 200 };
const SMALL_BOTTLE: Sold = { container: 'bottle', sizeMl: 20 };

/** What a material is usually bought in (from memory). */
export function soldAs({ aerosol, role, family, carrier }: Pick<Material, 'aerosol' | 'role' | 'family' | 'carrier'>): Sold {
  if (aerosol) return CAN;
  if (role === 'paint' && (family === 'oil' || family === 'oil-water-mixable')) return TUBE;
  if (role === 'paint' && family === 'enamel') return TIN;
  if (family === 'emulsion') return HOUSEHOLD;
  if (role === 'glue' && carrier === 'cyano') return TUBE;
  if (role === 'glue' && carrier === 'heat') return STICKS;
  if (role === 'masking' && carrier === 'water') return SMALL_BOTTLE;
  return BY_ROLE[role];
}
