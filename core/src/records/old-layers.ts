/** What may be on a finished piece, and how old it is. */

/** A layer that a finished piece may bring along, as one knows it again. */
export interface OldLayer {
  id: string;
  name: string;
  looks: string;
  technique: string;
  material: string;
  /** A bud would do harm: it is known by its looks alone. */
  isDelicate?: true;
}

/** From the bottom up, as they usually lie; common practice. Nobody knows how a coat was put on: as brushed it has spoilt nothing beside it. */
export const OLD_LAYERS: readonly OldLayer[] = [
  {
    id: 'enamel-coat',
    name: 'Enamel paint',
    looks: 'A coat with body, edges softened; older work and repaints by hand.',
    ...{ technique: 'brush-coat', material: 'enamel-matt' },
  },
  {
    id: 'acrylic-coat',
    name: 'Acrylic paint',
    looks: 'A thin even coat, often dull.',
    ...{ technique: 'brush-coat', material: 'acrylic-matt' },
  },
  {
    id: 'decal',
    name: 'Lettering as decals',
    looks: 'An edge of clear film round the letters when light falls along the side.',
    ...{ technique: 'decal', material: 'decal-waterslide', isDelicate: true },
  },
  {
    id: 'drybrushing',
    name: 'Drybrushed edges',
    looks: 'Lighter along edges and rivets, nothing in the grooves.',
    ...{ technique: 'drybrush', material: 'acrylic-matt' },
  },
  {
    id: 'acrylic-wash',
    name: 'A wash of acrylic or ink',
    looks: 'Dark in the grooves, thin over the rest.',
    ...{ technique: 'wash', material: 'wash-acrylic' },
  },
  {
    id: 'enamel-wash',
    name: 'A wash of enamel or oil',
    looks: 'Dark in the grooves, soft streaks down the sides.',
    ...{ technique: 'wash', material: 'wash-enamel' },
  },
  {
    id: 'clear-acrylic',
    name: 'A clear coat, acrylic',
    looks: 'One sheen over paint, lettering and dirt alike.',
    ...{ technique: 'brush-coat', material: 'clear-matt-acrylic' },
  },
  {
    id: 'clear-enamel',
    name: 'A clear coat, enamel or oil',
    looks: 'One sheen over all, yellowed on white lettering.',
    ...{ technique: 'brush-coat', material: 'clear-matt-enamel' },
  },
  {
    id: 'powder',
    name: 'Powder that was never sealed',
    looks: 'Quite dull, deepest in corners; a finger leaves a mark.',
    ...{ technique: 'powder-dry', material: 'pigment-dry' },
  },
];

/** How long ago it was finished, days. What is older is no different. */
export const OLD_AGES = [
  { id: 'long', name: 'a year or longer', days: 365 },
  { id: 'weeks', name: 'some weeks', days: 30 },
  { id: 'days', name: 'some days', days: 7 },
] as const;
export type OldAge = (typeof OLD_AGES)[number]['id'];
