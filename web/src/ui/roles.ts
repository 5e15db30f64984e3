import type { MaterialRole } from '@eveningtide/core/materials';

/** Kinds of material in the order in which they are used. */
export const ROLE_NAMES: Record<MaterialRole, string> = {
  primer: 'Primers',
  paint: 'Paints',
  clear: 'Clear coats',
  wash: 'Washes',
  filter: 'Filters',
  powder: 'Powders',
  slurry: 'Slurries',
  fixer: 'Fixers',
  soluble: 'Chipping media',
  paste: 'Pastes',
  filler: 'Fillers',
  glue: 'Glues',
  aggregate: 'Scatter',
  decal: 'Decals',
  drawing: 'Pens and pencils',
  masking: 'Masks',
  thinner: 'Thinners',
};

export const ROLES = Object.keys(ROLE_NAMES) as MaterialRole[];
