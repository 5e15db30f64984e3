import { linearOf, MOST_KNOWN, type Linear } from './linear.js';
import { solve } from './solve.js';

/**
 * A colour as reflectances in bands, so that yellow and blue make green. A screen colour says only three numbers; the
 * smoothest reflectance that looks the same under daylight stands for it. S. A. Burns, “Numerical methods for smoothest
 * reflectance reconstruction”, Color Research & Application 45 (2020) 8: half a tanh keeps it between 0 and 1.
 */
export type Bands = readonly number[];

/** Middles of the bands, nm. */
export const BANDS_NM: readonly number[] = Array.from({ length: 16 }, (_, i) => 400 + 20 * i);
const N = BANDS_NM.length;

const bell = (nm: number, peak: number, left: number, right: number): number =>
  Math.exp(-0.5 * ((nm - peak) / (nm < peak ? left : right)) ** 2);

/**
 * Colour matching functions of the CIE 1931 observer, fitted: C. Wyman, P.-P. Sloan, P. Shirley, “Simple Analytic
 * Approximations to the CIE XYZ Color Matching Functions”, JCGT 2 (2013) 2. Constants from memory.
 */
const observer = (nm: number): [number, number, number] => [
  1.056 * bell(nm, 599.8, 37.9, 31.0) + 0.362 * bell(nm, 442.0, 16.0, 26.7) - 0.065 * bell(nm, 501.1, 20.4, 26.2),
  0.821 * bell(nm, 568.8, 46.9, 40.5) + 0.286 * bell(nm, 530.9, 16.3, 31.1),
  1.217 * bell(nm, 437.0, 11.8, 36.0) + 0.681 * bell(nm, 459.0, 26.0, 13.8),
];

/** Daylight D65 at the bands, relative (ISO 11664-2), from memory. */
const D65 = [82.75, 93.43, 104.86, 117.81, 115.92, 109.35, 104.79, 104.41, 100, 95.79, 90.01, 87.7, 83.7, 80.21, 78.28, 71.61] as const;

/** XYZ to linear sRGB, IEC 61966-2-1. */
const TO_RGB = [
  [3.2406, -1.5372, -0.4986],
  [-0.9689, 1.8758, 0.0415],
  [0.0557, -0.204, 1.057],
] as const;

/**
 * What each band adds to red, green and blue. Each row is scaled to sum to 1: white stays white and grey stays grey in spite of
 * the coarse bands and the fitted observer.
 */
const WEIGHTS: readonly (readonly number[])[] = TO_RGB.map((row) => {
  const raw = BANDS_NM.map((nm, i) => {
    const [x, y, z] = observer(nm);
    return (row[0] * x + row[1] * y + row[2] * z) * (D65[i] ?? 0);
  });
  const sum = raw.reduce((a, b) => a + b, 0);
  return raw.map((weight) => weight / sum);
});

/** The same as one flat list, red's bands first: for the finder's inner loop. */
export const LIGHT_WEIGHTS: Float64Array = Float64Array.from(WEIGHTS.flat());

/** The light that a reflectance gives back under daylight. */
export const lightOfBands = (bands: Bands): Linear =>
  WEIGHTS.map((weights) => weights.reduce((sum, weight, i) => sum + weight * (bands[i] ?? 0), 0)) as Linear;

/** No paint is blacker or whiter than this; pure screen colours are taken as if they were (from memory). */
const DARKEST = 0.006;
const LIGHTEST = 0.96;

const known = new Map<string, Bands>();

/** Reflectances of a colour as #rrggbb. @throws RangeError when it is not written so. */
export function bandsOf(hex: string): Bands {
  const before = known.get(hex);
  if (before) return before;
  const bands = smoothest(linearOf(hex).map((light) => Math.min(LIGHTEST, Math.max(DARKEST, light))) as Linear);
  if (known.size >= MOST_KNOWN) known.clear();
  known.set(hex, bands);
  return bands;
}

/** Twice the slopes' squares, differentiated: a second difference with free ends. */
const smoothness = (i: number, j: number): number => {
  if (i === j) return i === 0 || i === N - 1 ? 2 : 4;
  return Math.abs(i - j) === 1 ? -2 : 0;
};

const MOST_ROUNDS = 60;
const CLOSE_ENOUGH = 1e-9;

/** Newton's method on the smoothest z with (tanh z + 1)/2 giving the light; steps are kept short for strong colours. */
function smoothest(light: Linear): Bands {
  const z = new Array<number>(N).fill(0);
  const multipliers = [0, 0, 0];
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const { matrix, off } = newtonStep(z, multipliers, light);
    const step = solve(matrix, off);
    const longest = Math.max(...step.slice(0, N).map(Math.abs));
    const pace = longest > 1 ? 1 / longest : 1;
    for (let i = 0; i < N; i++) z[i] = at(z, i) - pace * at(step, i);
    for (let c = 0; c < 3; c++) multipliers[c] = at(multipliers, c) - pace * at(step, N + c);
    if (longest < CLOSE_ENOUGH) break;
  }
  return z.map((value) => (Math.tanh(value) + 1) / 2);
}

const at = (list: readonly number[], i: number): number => list[i] ?? 0;

/** The system of one step: the Lagrangian's second derivatives, and how far off its first ones are; bands first, then the three lights. */
function newtonStep(z: readonly number[], multipliers: readonly number[], light: Linear): { matrix: number[][]; off: number[] } {
  const tanh = z.map(Math.tanh);
  const first = tanh.map((t) => (1 - t * t) / 2);
  const pull = z.map((_, i) => WEIGHTS.reduce((sum, weights, c) => sum + at(weights, i) * at(multipliers, c), 0));
  const matrix = Array.from({ length: N + 3 }, () => new Array<number>(N + 3).fill(0));
  const off = new Array<number>(N + 3).fill(0);
  for (const [i, row] of matrix.slice(0, N).entries()) {
    for (let j = 0; j < N; j++) {
      row[j] = smoothness(i, j);
      off[i] = at(off, i) + smoothness(i, j) * at(z, j);
    }
    row[i] = at(row, i) - 2 * at(first, i) * at(tanh, i) * at(pull, i);
    off[i] = at(off, i) + at(first, i) * at(pull, i);
    for (const [c, weights] of WEIGHTS.entries()) {
      const slope = at(first, i) * at(weights, i);
      row[N + c] = slope;
      const last = matrix[N + c];
      if (last) last[i] = slope;
      off[N + c] = at(off, N + c) + (at(weights, i) * (at(tanh, i) + 1)) / 2;
    }
  }
  for (let c = 0; c < 3; c++) off[N + c] = at(off, N + c) - at(light, c);
  return { matrix, off };
}
