import type { Bottle, Material, MaterialRole, Supplies } from '../materials/index.js';
import { DROPS_PER_ML, type Dilution, type DropLiquid } from './dilution.js';
import type { Measured } from './measures.js';
import { canMix } from './mixable.js';
import { keepsOf, type Keeps } from './keeps.js';

/** One thing that goes into a mix: a bottle, or a kind from whatever bottle. Parts are by volume. */
export interface MixComponent {
  material: string;
  bottleId: string | null;
  parts: number;
}

/** What was done to a cup afterwards, “a little darker”, and what went in. */
export interface MixChange {
  /** `YYYY-MM-DD`. */
  on: string;
  words: string;
  added: { material: string; bottleId: string | null; ml: number }[];
}

/** A mix as a thing of its own: numbered, named, made on a day, changed since, used by steps. */
export interface Mix {
  id: string;
  /** Counts up; stands on the label. */
  number: number;
  name: string;
  components: MixComponent[];
  /** How much was made in all, mL; null: a recipe that was not made yet. */
  madeMl: number | null;
  madeOn: string | null;
  /** Colour as it was judged by eye or measured, #rrggbb; null: as predicted. */
  colour: string | null;
  changes: MixChange[];
  note: string;
}

export const isThinner = ({ role }: Pick<Material, 'role'>): boolean => role === 'thinner';

const sameThing = (a: { material: string; bottleId: string | null }, b: { material: string; bottleId: string | null }): boolean =>
  a.material === b.material && a.bottleId === b.bottleId;

/** Share of each component of the whole, 0–1. */
export function sharesOf({ components }: Pick<Mix, 'components'>): number[] {
  const sum = components.reduce((total, { parts }) => total + parts, 0);
  return components.map(({ parts }) => (sum > 0 ? parts / sum : 0));
}

/** The component that gives the mix its nature: the largest that is no thinner and no powder, else the largest of all. */
export function mainOf({ components }: Pick<Mix, 'components'>, supplies: Supplies): MixComponent | null {
  const largest = (list: readonly MixComponent[]): MixComponent | null =>
    list.reduce<MixComponent | null>((best, one) => (best === null || one.parts > best.parts ? one : best), null);
  const wet = components.filter(
    ({ material }) => !isThinner(supplies.material(material)) && supplies.material(material).carrier !== 'none',
  );
  return largest(wet) ?? largest(components.filter(({ material }) => !isThinner(supplies.material(material)))) ?? largest(components);
}

/** What only carries powder and binds it: with powder in it, a slurry. */
const CARRIES_POWDER: ReadonlySet<MaterialRole> = new Set<MaterialRole>(['fixer', 'glue', 'thinner']);

/**
 * The material that a mix is like when it is laid: its main component, but powder in nothing except fixer, glue or thinner is the slurry
 * of that liquid, if the catalogue has one. Null for a mix of nothing.
 */
export function likeOf(mix: Pick<Mix, 'components'>, supplies: Supplies): string | null {
  const main = mainOf(mix, supplies);
  if (!main) return null;
  const all = mix.components.map(({ material }) => supplies.material(material));
  const wet = all.filter(({ carrier }) => carrier !== 'none');
  const isSlurry = wet.length > 0 && all.some(({ role }) => role === 'powder') && wet.every(({ role }) => CARRIES_POWDER.has(role));
  if (!isSlurry) return main.material;
  const binder = wet.find((one) => !isThinner(one)) ?? wet[0];
  const slurries = supplies.materials.filter(({ role, carrier }) => role === 'slurry' && carrier === binder?.carrier);
  const slurry = slurries.find(({ family }) => family === binder?.family) ?? slurries.find(({ family }) => family === 'inert');
  return slurry?.id ?? main.material;
}

/** The thinner's share told as a dilution, for what reckons with one paint and one thinner; null where there is none. */
export function dilutionOf(mix: Pick<Mix, 'components'>, supplies: Supplies): Dilution | null {
  const thinners = mix.components.filter(({ material }) => isThinner(supplies.material(material)));
  const first = thinners[0];
  if (!first) return null;
  const thinner = thinners.reduce((sum, { parts }) => sum + parts, 0);
  const paint = mix.components.reduce((sum, { parts }) => sum + parts, 0) - thinner;
  return paint > 0 ? { thinner: first.material, parts: [paint, thinner] } : null;
}

/** Volume solids of the whole mix, %. */
export function solidsOfPct(mix: Pick<Mix, 'components'>, supplies: Supplies): number {
  const shares = sharesOf(mix);
  return mix.components.reduce((sum, { material }, i) => sum + (shares[i] ?? 0) * supplies.material(material).volumeSolidsPct, 0);
}

/** How long it keeps: as long as the least of what is in it. */
export function keepsOfMix(mix: Pick<Mix, 'components'>, supplies: Supplies): Keeps {
  const all = mix.components.map(({ material }) => supplies.material(material)).filter((material) => !isThinner(material));
  // a little powder in paint tints it; powder in thinner alone is a slurry
  const wet = all.filter(({ carrier }) => carrier !== 'none');
  const kept = (wet.length > 0 ? wet : all).map(keepsOf);
  return kept.reduce(
    (least, one) => (one.minutes < least.minutes ? one : least),
    kept[0] ?? { minutes: Infinity, why: '', freshOnly: false },
  );
}

/** Pairs of components that do not stir into each other. */
export function unmixable(mix: Pick<Mix, 'components'>, supplies: Supplies): [string, string][] {
  const all = mix.components.map(({ material }) => supplies.material(material));
  return all.flatMap((one, i) =>
    all.slice(i + 1).flatMap((other): [string, string][] => (canMix(one, other) ? [] : [[one.name, other.name]])),
  );
}

/**
 * A cup with something more in it: parts become what is really in it, and the change is written down.
 * @throws RangeError when it was never made, or when less than nothing is added.
 */
export function changed(mix: Mix, change: MixChange): Mix {
  if (mix.madeMl === null) throw new RangeError('madeMl must be known: what was never made cannot be changed');
  if (change.added.some(({ ml }) => !(ml >= 0))) throw new RangeError('added amounts must be at least 0 ml');
  const { madeMl } = mix;
  const shares = sharesOf(mix);
  const components = mix.components.map((component, i) => ({ ...component, parts: (shares[i] ?? 0) * madeMl }));
  for (const { material, bottleId, ml } of change.added) {
    const there = components.find((component) => sameThing(component, { material, bottleId }));
    if (there) there.parts += ml;
    else components.push({ material, bottleId, parts: ml });
  }
  return { ...mix, components, madeMl: madeMl + change.added.reduce((sum, { ml }) => sum + ml, 0), changes: [...mix.changes, change] };
}

/** The dropper of a thing: its own where it was counted, else that of its liquid. */
export function measuredOf(
  what: { material: string; bottleId: string | null },
  supplies: Supplies,
  droppers: Readonly<Record<DropLiquid, number>> = DROPS_PER_ML,
): Measured {
  const material = supplies.material(what.material);
  const bottle: Bottle | null = supplies.bottle(what.bottleId);
  return {
    dropsPerMl: bottle?.dropsPerMl ?? droppers[dropLiquidOf(material)],
    densityGPerMl: material.densityGPerMl,
    powder: material.carrier === 'none',
    eachMl: material.eachMl ?? null,
  };
}

/** Whose drops a liquid's are like. */
export function dropLiquidOf({ carrier }: Pick<Material, 'carrier'>): DropLiquid {
  return carrier === 'none' || carrier === 'cyano' || carrier === 'heat' ? 'water' : carrier;
}
