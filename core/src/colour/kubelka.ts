/**
 * Two-flux theory of paint: P. Kubelka & F. Munk, Z. tech. Phys. 12 (1931) 593; finite layers after P. Kubelka, J. Opt. Soc.
 * Am. 38 (1948) 448. Reflectances are shares 0–1 of one band of light; K (absorption) and S (scattering) are per unit of film.
 * Nothing is corrected for the surface's own reflection (Saunderson).
 */

/** K/S of a film so thick that nothing shines through. @throws RangeError unless 0 < reflectance ≤ 1. */
export function ksFromReflectance(reflectance: number): number {
  if (!(reflectance > 0 && reflectance <= 1)) throw new RangeError(`reflectance must be above 0 and at most 1, got ${String(reflectance)}`);
  return (1 - reflectance) ** 2 / (2 * reflectance);
}

/** Reflectance of such a film. The textbook form 1 + x − √(x² + 2x) cancels for large x; this one does not. */
export const reflectanceFromKs = (ks: number): number => 1 / (1 + ks + Math.sqrt(ks * ks + 2 * ks));

/** A film: absorption and scattering per unit of thickness, and how thick it is. */
export interface Film {
  k: number;
  s: number;
  x: number;
}

/** Reflectance of a film over a backing that reflects `backing`. @throws RangeError for anything below 0. */
export function filmOverBacking({ k, s, x }: Film, backing: number): number {
  if (!(k >= 0 && s >= 0 && x >= 0)) throw new RangeError(`k, s and x must be at least 0, got ${String(k)}, ${String(s)}, ${String(x)}`);
  if (!(backing >= 0 && backing <= 1)) throw new RangeError(`backing must be 0–1, got ${String(backing)}`);
  if (s === 0) return backing * Math.exp(-2 * k * x);
  const absorbed = k / s;
  const a = 1 + absorbed;
  const b = Math.sqrt(absorbed * (a + 1));
  // tanh(b·s·x)/b tends to s·x where nothing is absorbed; written with it, nothing is divided by a vanishing film
  const reach = b * s * x;
  const reached = reach < 1e-8 ? s * x : Math.tanh(reach) / b;
  return ((1 - backing * a) * reached + backing) / ((a - backing) * reached + 1);
}

/** How well a film hides: its reflectance over black against that over a white that reflects `white`. */
export function contrastRatio(film: Film, white = 0.8): { overBlack: number; overWhite: number; ratio: number } {
  const overBlack = filmOverBacking(film, 0);
  const overWhite = filmOverBacking(film, white);
  return { overBlack, overWhite, ratio: overBlack / overWhite };
}

/** A contrast ratio from which a film counts as hiding fully (ISO 6504-3 reports spreading rates at 0.98). */
export const OPAQUE_FROM = 0.98;

/** K/S of a mix of two paints that scatter alike, by volume. */
export const ksOfEvenMix = (ksA: number, ksB: number, shareOfB: number): number => ksA * (1 - shareOfB) + ksB * shareOfB;
