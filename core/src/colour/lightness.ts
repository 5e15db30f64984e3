import { linearOf, type Linear } from './linear.js';

/** Lightness of a screen colour: L* after CIE 15 (CIELAB); luminance weights of ITU-R BT.709. */

/** L*, 0 (black) to 100 (white), of light. */
export function lightnessOfLight([red, green, blue]: Linear): number {
  const luminance = 0.2126 * red + 0.7152 * green + 0.0722 * blue;
  const epsilon = 216 / 24389;
  return luminance > epsilon ? 116 * Math.cbrt(luminance) - 16 : (luminance * 24389) / 27;
}

/** L* of a colour as #rrggbb. @throws RangeError when it is not written so. */
export const lightnessOf = (hex: string): number => lightnessOfLight(linearOf(hex));

/** How a powder's tone stands to what lies over it: pale dusts almost vanish, soot hardly changes (common practice). */
export type Tone = 'dark' | 'mid' | 'pale';

/** Limits of the tones in L* (our numbers). */
const DARK_BELOW = 32;
const PALE_FROM = 70;

export function toneOf(hex: string): Tone {
  const lightness = lightnessOf(hex);
  return lightness < DARK_BELOW ? 'dark' : lightness >= PALE_FROM ? 'pale' : 'mid';
}
