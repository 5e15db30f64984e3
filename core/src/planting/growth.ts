import type { GrowthKind, GroundStance, KeepOffKind, PlantKind } from './planting.js';

export interface GrowthKindFacts {
  name: string;
  /** What of the catalogue it is. */
  material: string;
  /** How high it stands where it has no fibres of its own, mm: crumbs of turf and moss, leaves that lie flat (from memory). */
  highMm: number;
  /** Short and low before long and high; what falls between the rest comes last (common practice). */
  turn: number;
}

/** What is laid over the ground. */
export const GROWTH: Readonly<Record<GrowthKind, GrowthKindFacts>> = {
  turf: { name: 'Turf', material: 'turf', highMm: 1.5, turn: 0 },
  grass: { name: 'Static grass', material: 'static-grass', highMm: 2, turn: 1 },
  moss: { name: 'Moss', material: 'flock', highMm: 1, turn: 2 },
  litter: { name: 'Leaf litter', material: 'leaf-litter', highMm: 0.4, turn: 3 },
};

export interface PlantFacts {
  name: string;
  /** Across the hole it is set into, mm; null: it is glued onto the ground. From memory, as wire trunks have it. */
  holeMm: number | null;
  /** To set one, straighten it and press it in (our numbers). */
  minutesEach: number;
}

export const PLANT: Readonly<Record<PlantKind, PlantFacts>> = {
  tuft: { name: 'Tuft', holeMm: null, minutesEach: 0.4 },
  bush: { name: 'Bush', holeMm: 1, minutesEach: 0.8 },
  tree: { name: 'Tree', holeMm: 2, minutesEach: 2 },
};

export const KEEP_OFF: Readonly<Record<KeepOffKind, string>> = { track: 'Track', path: 'Path', row: 'Row of stones or crops' };

export const STANCE: Readonly<Record<GroundStance, string>> = { base: 'seen from above', face: 'seen from the front' };

/** Static grass laid once: as thick as 100 g/m² where it is shortest and 200 where it is longest (from memory), straight between. */
const THIN = { fibreMm: 2, gPerM2: 100 } as const;
const THICK = { fibreMm: 12, gPerM2: 200 } as const;

/** What static grass laid once takes, g/m², by the length of its fibres. */
export function grassGPerM2(fibreMm: number): number {
  const share = (fibreMm - THIN.fibreMm) / (THICK.fibreMm - THIN.fibreMm);
  return THIN.gPerM2 + (THICK.gPerM2 - THIN.gPerM2) * Math.min(1, Math.max(0, share));
}
