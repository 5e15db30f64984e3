import type { Drying, Material, SpecialWindows } from './types.js';

/**
 * A material of the painter's own: one of the catalogue, but for what is told here. Null is: as the one it is like.
 * The catalogue itself never changes.
 */
export interface OwnMaterial {
  id: string;
  name: string;
  /** Catalogue id of the material it is like. */
  like: string;
  colour: string | null;
  sheenGu: number | null;
  volumeSolidsPct: number | null;
  /** All drying times and windows against those of the material it is like; 1.3 dries a third slower. */
  dryingFactor: number | null;
  minFilmC: number | null;
  lifeMonths: number | null;
  driesLighter: boolean | null;
  testFirst: boolean | null;
  note: string;
}

const timed = <T extends object>(ages: T, factor: number): T =>
  Object.fromEntries(Object.entries(ages).map(([name, value]) => [name, typeof value === 'number' ? value * factor : value])) as T;

const dryingOf = (drying: Drying | null, factor: number): Drying | null =>
  drying && { ...drying, ages: timed(drying.ages, factor), betweenCoatsMin: drying.betweenCoatsMin * factor };

function windowsOf(windows: SpecialWindows, factor: number): SpecialWindows {
  const { recoatUntilMin, ...others } = windows;
  const out: SpecialWindows = Object.fromEntries(Object.entries(others).map(([name, window]) => [name, timed(window, factor)]));
  return recoatUntilMin === undefined ? out : { ...out, recoatUntilMin: recoatUntilMin * factor };
}

/** Kept, so that layers of one material stay of one material. */
const known = new WeakMap<Material, Map<number, Material>>();

/** A material all of whose drying times are so many times as long. */
export function slowed(material: Material, factor: number): Material {
  if (factor === 1) return material;
  let ofMaterial = known.get(material);
  if (!ofMaterial) known.set(material, (ofMaterial = new Map<number, Material>()));
  const before = ofMaterial.get(factor);
  if (before) return before;
  const slower: Material = {
    ...material,
    drying: dryingOf(material.drying, factor),
    ...(material.windows ? { windows: windowsOf(material.windows, factor) } : {}),
  };
  ofMaterial.set(factor, slower);
  return slower;
}

/** The own material as the core reckons with it. `base` is the material it is like. */
export function materialOf(own: OwnMaterial, base: Material): Material {
  return {
    ...slowed(base, own.dryingFactor ?? 1),
    id: own.id,
    name: own.name,
    colour: own.colour ?? base.colour,
    sheenGu: own.sheenGu ?? base.sheenGu,
    volumeSolidsPct: own.volumeSolidsPct ?? base.volumeSolidsPct,
    minFilmC: own.minFilmC ?? base.minFilmC,
    lifeMonths: own.lifeMonths ?? base.lifeMonths,
    driesLighter: own.driesLighter ?? base.driesLighter,
    wetDarkerL: own.driesLighter === false ? 0 : base.wetDarkerL,
    testFirst: own.testFirst ?? base.testFirst ?? false,
    isOwn: true,
    source: `set by the painter, else as ${base.name.toLowerCase()}`,
  };
}
