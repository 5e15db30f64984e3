import type { Material } from './types.js';

/** What must be done to a bottle before it is used, and why (common practice); null where it may be used as it stands. */
export function wakeUp({
  role,
  aerosol,
  carrier,
  sheenGu,
  hazards,
}: Pick<Material, 'role' | 'aerosol' | 'carrier' | 'sheenGu' | 'hazards'>): string | null {
  if (aerosol) return 'shake the can for two minutes after the ball is free';
  if (hazards.includes('metal-flake')) return 'stir, and again while you work: flakes sink within minutes';
  if (role === 'wash' || role === 'filter') return 'shake long: the pigment lies at the bottom and the first brushful is only thinner';
  if (role === 'clear' && sheenGu !== null && sheenGu < 55)
    return 'stir until nothing clings to the stick: what makes it matt sinks, and unstirred it dries shiny or white';
  if (role === 'slurry') return 'stir each time the brush goes in';
  if ((role === 'paint' || role === 'primer') && carrier === 'spirit') return 'stir the bottom up with a flat stick';
  if (role === 'paint' || role === 'primer') return 'shake';
  return null;
}
