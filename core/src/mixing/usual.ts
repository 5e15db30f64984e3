import type { Material } from '../materials/index.js';
import type { Tool } from '../techniques/index.js';
import type { Dilution } from './dilution.js';

/** A row of the table: what is thinned how, for which technique and tool. The first row that fits counts. */
interface Usual {
  techniques: readonly string[];
  tools?: readonly Tool[];
  /** Ids of materials; or roles and carriers. */
  materials?: readonly string[];
  roles?: readonly Material['role'][];
  carrier?: Material['carrier'];
  mix: Dilution | null;
}

const parts = (thinner: string, paint: number, of: number): Dilution => ({ thinner, parts: [paint, of] });

/**
 * Usual dilutions by technique and tool. Washes and filters that are bought ready go as they come. Ink in alcohol and the wash from matt enamel are common practice; the others
 * are starting values from memory.
 */
const USUAL: readonly Usual[] = [
  { techniques: ['wash', 'pin-wash', 'filter'], materials: ['ink-in-alcohol'], mix: { thinner: 'isopropanol-70', drops: 8, inMl: 30 } },
  { techniques: ['filter'], roles: ['paint', 'wash'], carrier: 'water', mix: parts('water', 1, 9) },
  { techniques: ['filter'], roles: ['paint', 'wash'], carrier: 'spirit', mix: parts('white-spirit', 1, 9) },
  { techniques: ['wash'], roles: ['paint'], carrier: 'spirit', mix: parts('white-spirit', 1, 1) },
  { techniques: ['wash'], roles: ['paint'], carrier: 'water', mix: parts('water', 1, 4) },
  { techniques: ['pin-wash', 'streak'], roles: ['paint'], carrier: 'spirit', mix: parts('white-spirit', 1, 1) },
  { techniques: ['pin-wash', 'streak'], roles: ['paint'], carrier: 'water', mix: parts('water', 1, 1) },
  { techniques: ['speckle'], roles: ['paint'], carrier: 'spirit', mix: parts('white-spirit', 1, 2) },
  { techniques: ['speckle'], roles: ['paint'], carrier: 'water', mix: parts('water', 1, 2) },
  {
    techniques: ['airbrush-coat', 'airbrush-zenithal', 'spray-coat'],
    tools: ['airbrush'],
    roles: ['paint', 'primer'],
    carrier: 'water',
    mix: parts('acrylic-thinner', 3, 2),
  },
  {
    techniques: ['airbrush-coat', 'airbrush-zenithal', 'spray-coat'],
    tools: ['airbrush'],
    carrier: 'spirit',
    mix: parts('white-spirit', 1, 1),
  },
  {
    techniques: ['airbrush-coat', 'airbrush-zenithal', 'spray-coat'],
    tools: ['airbrush'],
    carrier: 'hot',
    mix: parts('lacquer-thinner', 1, 2),
  },
  { techniques: ['clear-coat'], tools: ['airbrush'], carrier: 'water', mix: parts('water', 2, 1) },
  { techniques: ['clear-coat'], tools: ['airbrush', 'flat brush'], carrier: 'spirit', mix: parts('white-spirit', 2, 1) },
  { techniques: ['brush-coat'], materials: ['limewash'], mix: parts('water', 1, 2) },
  { techniques: ['brush-coat'], roles: ['paint', 'primer'], carrier: 'water', mix: parts('water', 3, 1) },
];

/** The liquid that a carrier is thinned and, while it is young, taken off with; null where there is none. */
const THINNERS: Record<Material['carrier'], string | null> = {
  water: 'water',
  alcohol: 'isopropanol-70',
  spirit: 'white-spirit',
  hot: 'lacquer-thinner',
  cyano: null,
  heat: null,
  none: null,
};
export const thinnerOf = ({ carrier }: Pick<Material, 'carrier'>): string | null => THINNERS[carrier];

/** How a material is usually thinned for a technique and tool; null is neat. */
export function usualDilution(
  technique: string,
  tool: string,
  material: Pick<Material, 'id' | 'role' | 'carrier' | 'aerosol'>,
): Dilution | null {
  if (material.aerosol) return null;
  const row = USUAL.find(
    (usual) =>
      usual.techniques.includes(technique) &&
      (usual.tools === undefined || usual.tools.some((name) => name === tool)) &&
      (usual.materials === undefined || usual.materials.includes(material.id)) &&
      (usual.roles === undefined || usual.roles.includes(material.role)) &&
      (usual.carrier === undefined || usual.carrier === material.carrier),
  );
  return row?.mix ?? null;
}
