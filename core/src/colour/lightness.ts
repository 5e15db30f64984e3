/**
 * Lightness of a screen colour. sRGB after IEC 61966-2-1, L* after CIE 15 (CIELAB); luminance weights of ITU-R BT.709.
 */
const HEX = /^#([0-9a-f]{2})([0-9a-f]{2})([0-9a-f]{2})$/i;

const linear = (channel: number): number => (channel <= 0.04045 ? channel / 12.92 : ((channel + 0.055) / 1.055) ** 2.4);

/** L*, 0 (black) to 100 (white), of a colour as #rrggbb. @throws RangeError when it is not written so. */
export function lightnessOf(hex: string): number {
  const [, r = '', g = '', b = ''] = HEX.exec(hex) ?? [];
  if (r === '') throw new RangeError(`colour must be #rrggbb, got '${hex}'`);
  const [red, green, blue] = [r, g, b].map((part) => linear(parseInt(part, 16) / 255)) as [number, number, number];
  const luminance = 0.2126 * red + 0.7152 * green + 0.0722 * blue;
  const epsilon = 216 / 24389;
  return luminance > epsilon ? 116 * Math.cbrt(luminance) - 16 : (luminance * 24389) / 27;
}

/** How a powder's tone stands to what lies over it: pale dusts almost vanish, soot hardly changes (common practice). */
export type Tone = 'dark' | 'mid' | 'pale';

/** Limits of the tones in L* (our numbers). */
const DARK_BELOW = 32;
const PALE_FROM = 70;

export function toneOf(hex: string): Tone {
  const lightness = lightnessOf(hex);
  return lightness < DARK_BELOW ? 'dark' : lightness >= PALE_FROM ? 'pale' : 'mid';
}
