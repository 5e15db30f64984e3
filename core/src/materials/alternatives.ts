/**
 * What can stand in for a material when its solvent is the trouble: same role, another carrier. Common practice.
 * The first is the nearest in look; whether it helps is found out by checking the changed sequence.
 */
export interface Substitute {
  material: string;
  /** Technique it is put on with, where that changes too. */
  technique?: string;
  thinner?: string;
}

export const SUBSTITUTES: ReadonlyMap<string, readonly Substitute[]> = new Map([
  ['primer-lacquer-aerosol', [{ material: 'primer-acrylic-brush', technique: 'brush-coat' }]],
  ['primer-acrylic-aerosol', [{ material: 'primer-acrylic-brush', technique: 'brush-coat' }]],
  ['enamel-matt', [{ material: 'acrylic-matt', thinner: 'water' }]],
  ['enamel-gloss', [{ material: 'acrylic-gloss', thinner: 'water' }]],
  ['enamel-metallic', [{ material: 'acrylic-metallic', thinner: 'water' }]],
  ['lacquer-matt', [{ material: 'acrylic-matt', thinner: 'water' }]],
  ['oil-artist', [{ material: 'oil-water-mixable', thinner: 'water' }]],
  ['wash-enamel', [{ material: 'wash-acrylic', thinner: 'water' }]],
  ['wash-oil', [{ material: 'wash-acrylic', thinner: 'water' }]],
  ['filter-enamel', [{ material: 'wash-acrylic', thinner: 'water' }]],
  ['ink-in-alcohol', [{ material: 'wash-acrylic', thinner: 'water' }]],
  ['pigment-in-fixer', [{ material: 'pigment-in-water' }]],
  ['fixer-spirit', [{ material: 'fixer-alcohol' }]],
  ['fixer-alcohol', [{ material: 'fixer-spirit' }]],
  ['clear-matt-lacquer-aerosol', [{ material: 'clear-matt-acrylic' }]],
  ['clear-satin-lacquer-aerosol', [{ material: 'clear-satin-acrylic' }]],
  ['clear-gloss-lacquer-aerosol', [{ material: 'clear-gloss-acrylic' }]],
  ['clear-matt-enamel', [{ material: 'clear-matt-acrylic' }]],
  ['clear-matt-hardware-aerosol', [{ material: 'clear-matt-acrylic' }]],
  ['acrylic-matt', [{ material: 'enamel-matt', thinner: 'white-spirit' }]],
  ['clear-matt-acrylic', [{ material: 'clear-matt-lacquer-aerosol' }]],
  ['cyanoacrylate', [{ material: 'white-glue' }]],
  ['hot-glue', [{ material: 'white-glue' }]],
  ['contact-glue', [{ material: 'white-glue' }]],
]);
