import { BANDS_NM, LIGHT_WEIGHTS, deltaE00OfLab, type Lab } from '../colour/index.js';
import { canMix } from '../mixing/index.js';
import type { Material } from '../materials/index.js';
import type { Optics } from './optics.js';
import { predictMix, type Predicted } from './predict.js';
import { wholeRatios } from './ratios.js';

/** A bottle that may go into a recipe. */
export interface Candidate {
  id: string;
  material: Pick<Material, 'carrier' | 'family'>;
  optics: Optics;
}

export interface Wanted {
  target: Lab;
  candidates: readonly Candidate[];
  /** Two or three bottles at most. */
  mostBottles?: 2 | 3;
  /** How many recipes to return. */
  count?: number;
}

export interface FoundRecipe {
  bottles: { id: string; parts: number }[];
  /** ΔE₀₀ between what was wanted and what is predicted. */
  de00: number;
  predicted: Predicted;
}

/** Parts in all, by how many bottles: more can hardly be measured in a cup (our numbers). */
const MOST_PARTS = { 1: 1, 2: 12, 3: 7 } as const;
/** So many of the nearest by plain distance are looked at by ΔE₀₀. */
const LOOKED_AT = 400;
const BANDS = BANDS_NM.length;

/** The nearest so far by squared distance in CIELAB, as a heap with the farthest on top. */
class Nearest {
  readonly distances: number[] = [];
  readonly recipes: number[][] = [];
  get limit(): number {
    return this.distances.length < LOOKED_AT ? Infinity : (this.distances[0] ?? Infinity);
  }
  add(distance: number, recipe: number[]): void {
    if (distance >= this.limit) return;
    if (this.distances.length < LOOKED_AT) {
      this.distances.push(distance);
      this.recipes.push(recipe);
      this.up(this.distances.length - 1);
    } else {
      this.distances[0] = distance;
      this.recipes[0] = recipe;
      this.down();
    }
  }
  private swap(a: number, b: number): void {
    [this.distances[a], this.distances[b]] = [this.distances[b] ?? 0, this.distances[a] ?? 0];
    [this.recipes[a], this.recipes[b]] = [this.recipes[b] ?? [], this.recipes[a] ?? []];
  }
  private up(from: number): void {
    for (let at = from; at > 0;) {
      const above = (at - 1) >> 1;
      if ((this.distances[above] ?? 0) >= (this.distances[at] ?? 0)) return;
      this.swap(at, above);
      at = above;
    }
  }
  private down(): void {
    for (let at = 0; ;) {
      let largest = at;
      for (const below of [2 * at + 1, 2 * at + 2])
        if (below < this.distances.length && (this.distances[below] ?? 0) > (this.distances[largest] ?? 0)) largest = below;
      if (largest === at) return;
      this.swap(at, largest);
      at = largest;
    }
  }
}

/**
 * Recipes of one to three bottles in small whole parts, nearest to the target first. All of them are tried: pairs up to 12 parts, threes
 * up to 7; bottles that do not mix are not put together. A recipe with one bottle more must be nearer by at least half a ΔE₀₀.
 */
export function findRecipes({ target, candidates, mostBottles = 3, count = 5 }: Wanted): FoundRecipe[] {
  const nearest = new Nearest();
  const optics = candidates.map((candidate) => Float64Array.from([...candidate.optics.k, ...candidate.optics.s]));
  const mixable = candidates.map((one) => candidates.map((other) => canMix(one.material, other.material)));
  const tried: Tried = { target, optics, mixable, mostBottles };
  for (const [a, first] of optics.entries()) {
    nearest.add(distanceTo(target, first, NOTHING, 0), [a, 1]);
    for (let b = a + 1; b < optics.length; b++) if (mixable[a]?.[b]) tryPair(a, b, tried, nearest);
  }
  const found = nearest.recipes.map((recipe) => asFound(recipe, candidates, target));
  return simplestFirst(found).slice(0, count);
}

interface Tried {
  target: Lab;
  /** K, then S, of each candidate. */
  optics: readonly Float64Array[];
  mixable: readonly (readonly boolean[])[];
  mostBottles: number;
}

/** Two bottles in all their parts, and with each third that goes with both. */
function tryPair(a: number, b: number, { target, optics, mixable, mostBottles }: Tried, nearest: Nearest): void {
  const [first, second] = [optics[a] as Float64Array, optics[b] as Float64Array];
  const thirds = optics.flatMap((third, c) => (c > b && mixable[a]?.[c] && mixable[b]?.[c] ? [{ c, third }] : []));
  const pair = new Float64Array(2 * BANDS);
  for (const [pa = 0, pb = 0] of PAIRS) {
    for (let i = 0; i < 2 * BANDS; i++) pair[i] = pa * (first[i] as number) + pb * (second[i] as number);
    if (isLowest(pa, pb)) {
      const distance = distanceTo(target, pair, NOTHING, 0);
      if (distance < nearest.limit) nearest.add(distance, [a, pa, b, pb]);
    }
    const parts = mostBottles < 3 ? 0 : MOST_PARTS[3] - pa - pb;
    for (const { c, third } of parts < 1 ? [] : thirds)
      for (let pc = 1; pc <= parts; pc++) {
        const distance = distanceTo(target, pair, third, pc);
        if (distance < nearest.limit) nearest.add(distance, [a, pa, b, pb, c, pc]);
      }
  }
}

const NOTHING = new Float64Array(2 * BANDS);
/** All pairs of parts, those among them that are a multiple of another: with a third they are not. */
const PAIRS = Array.from({ length: MOST_PARTS[2] }, (_, i) => i + 1).flatMap((pa) =>
  Array.from({ length: MOST_PARTS[2] - pa }, (_, i): [number, number] => [pa, i + 1]),
);
const lowest = new Set(wholeRatios(2, MOST_PARTS[2]).map(([pa = 0, pb = 0]) => pa * 100 + pb));
const isLowest = (pa: number, pb: number): boolean => lowest.has(pa * 100 + pb);

/** What one bottle more must be worth, ΔE₀₀ (our number). */
const WORTH_A_BOTTLE = 0.5;
const judged = ({ de00, bottles }: FoundRecipe): number => de00 + WORTH_A_BOTTLE * bottles.length;

/** Best first; of those with the same bottles only the best. */
function simplestFirst(found: readonly FoundRecipe[]): FoundRecipe[] {
  const best = new Map<string, FoundRecipe>();
  for (const recipe of [...found].sort((a, b) => judged(a) - judged(b) || partsOf(a) - partsOf(b))) {
    const key = recipe.bottles.map(({ id }) => id).join(' ');
    if (!best.has(key)) best.set(key, recipe);
  }
  return [...best.values()];
}

const partsOf = ({ bottles }: FoundRecipe): number => bottles.reduce((sum, { parts }) => sum + parts, 0);

function asFound(recipe: readonly number[], candidates: readonly Candidate[], target: Lab): FoundRecipe {
  const bottles: FoundRecipe['bottles'] = [];
  const parts: { optics: Optics; share: number }[] = [];
  for (let i = 0; i < recipe.length; i += 2) {
    const candidate = candidates[recipe[i] ?? 0];
    const share = recipe[i + 1] ?? 0;
    if (!candidate) continue;
    bottles.push({ id: candidate.id, parts: share });
    parts.push({ optics: candidate.optics, share });
  }
  const predicted = predictMix(parts);
  return { bottles, predicted, de00: deltaE00OfLab(target, predicted.lab) };
}

/**
 * Squared distance in CIELAB between the target and a mix of what is given and `parts` of one more. Run millions of times, so all is in
 * plain numbers, and K–M is written with one division: (s + k − √(k² + 2ks))/s.
 */
function distanceTo(target: Lab, mixed: Float64Array, more: Float64Array, parts: number): number {
  let red = 0;
  let green = 0;
  let blue = 0;
  for (let i = 0; i < BANDS; i++) {
    const k = (mixed[i] as number) + parts * (more[i] as number);
    const s = (mixed[BANDS + i] as number) + parts * (more[BANDS + i] as number);
    const reflectance = (s + k - Math.sqrt(k * (k + 2 * s))) / s;
    red += reflectance * (LIGHT_WEIGHTS[i] as number);
    green += reflectance * (LIGHT_WEIGHTS[BANDS + i] as number);
    blue += reflectance * (LIGHT_WEIGHTS[2 * BANDS + i] as number);
  }
  return plainDistance(target, red, green, blue);
}

const EPSILON = 216 / 24389;
const cube = (t: number): number => (t > EPSILON ? Math.cbrt(t) : ((24389 / 27) * t + 16) / 116);

/** CIELAB of linear sRGB under D65 (CIE 15; IEC 61966-2-1), and its squared distance to the target. */
function plainDistance({ l, a, b }: Lab, red: number, green: number, blue: number): number {
  const x = cube((0.4124564 * red + 0.3575761 * green + 0.1804375 * blue) / 0.95047);
  const y = cube(0.2126729 * red + 0.7151522 * green + 0.072175 * blue);
  const z = cube((0.0193339 * red + 0.119192 * green + 0.9503041 * blue) / 1.08883);
  return (116 * y - 16 - l) ** 2 + (500 * (x - y) - a) ** 2 + (200 * (y - z) - b) ** 2;
}
