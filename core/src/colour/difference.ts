import { converter, differenceCiede2000, modeLab65, modeLch65, modeLrgb, modeXyz65, useMode } from 'culori/fn';
import { MOST_KNOWN, linearOf, type Linear } from './linear.js';

/**
 * How far colours lie apart, as they are seen: CIEDE2000 (CIE 142-2001) between CIELAB colours under D65. Conversions
 * and the formula are culori's.
 */
useMode(modeXyz65);
useMode(modeLrgb);
useMode(modeLab65);
useMode(modeLch65);
const toLab = converter('lab65');
const toLch = converter('lch65');
const ciede2000 = differenceCiede2000();

const asLight = ([r, g, b]: Linear) => ({ mode: 'lrgb' as const, r, g, b });

/** Two colours side by side are told apart from about here on (our number, between the usual 1 and 3). */
export const JUST_NOTICEABLE_DE00 = 2;

/** ΔE₀₀ between two colours given as light. */
export const deltaE00 = (a: Linear, b: Linear): number => ciede2000(toLab(asLight(a)), toLab(asLight(b)));

/** ΔE₀₀ between two colours as #rrggbb. @throws RangeError when one is not written so. */
export const deltaE00OfHex = (a: string, b: string): number => deltaE00(linearOf(a), linearOf(b));

/** A colour in CIELAB under D65. */
export interface Lab {
  l: number;
  a: number;
  b: number;
}

/** ΔE₀₀ between two CIELAB colours. */
export const deltaE00OfLab = (one: Lab, other: Lab): number => ciede2000({ mode: 'lab65', ...one }, { mode: 'lab65', ...other });

/** CIELAB of light. */
export function labOfLight(light: Linear): Lab {
  const { l, a, b } = toLab(asLight(light));
  return { l, a, b };
}

/** CIELAB of a colour as #rrggbb, D65. */
export function labOf(hex: string): Lab {
  const { l, a, b } = toLab(asLight(linearOf(hex)));
  return { l, a, b };
}

const chromas = new Map<string, number>();

/** Colourfulness C*ab of a colour as #rrggbb: 0 is grey. Bottles and kinds have few colours: each is worked out once. */
export function chromaOf(hex: string): number {
  const known = chromas.get(hex);
  if (known !== undefined) return known;
  const chroma = toLch(asLight(linearOf(hex))).c;
  if (chromas.size >= MOST_KNOWN) chromas.clear();
  chromas.set(hex, chroma);
  return chroma;
}
