/**
 * Light as it adds up: linear shares of red, green and blue, 0–1. Layers are mixed here, not in screen values, where a
 * half-covered patch would come out too dark. sRGB after IEC 61966-2-1.
 */
export type Linear = [red: number, green: number, blue: number];

const HEX = /^#([0-9a-f]{2})([0-9a-f]{2})([0-9a-f]{2})$/i;

const toLinear = (channel: number): number => (channel <= 0.04045 ? channel / 12.92 : ((channel + 0.055) / 1.055) ** 2.4);
const toScreen = (light: number): number => (light <= 0.0031308 ? light * 12.92 : 1.055 * light ** (1 / 2.4) - 0.055);

/** Colours come from bottles and the catalogue: the same few are asked for again and again. */
const known = new Map<string, Linear>();
export const MOST_KNOWN = 2000;

/** The light of a colour as #rrggbb. @throws RangeError when it is not written so. */
export function linearOf(hex: string): Linear {
  const before = known.get(hex);
  if (before) return before;
  const [, r = '', g = '', b = ''] = HEX.exec(hex) ?? [];
  if (r === '') throw new RangeError(`colour must be #rrggbb, got '${hex}'`);
  const light = [r, g, b].map((part) => toLinear(parseInt(part, 16) / 255)) as Linear;
  if (known.size >= MOST_KNOWN) known.clear();
  known.set(hex, light);
  return light;
}

const channel = (light: number): string =>
  Math.round(255 * Math.min(1, Math.max(0, toScreen(light))))
    .toString(16)
    .padStart(2, '0');

/** The nearest screen colour, #rrggbb. */
export const hexOf = ([red, green, blue]: Linear): string => `#${channel(red)}${channel(green)}${channel(blue)}`;

/**
 * The mean of points of a picture, in light: as the eye does it from afar. `rgba` has red, green, blue and alpha of each point, 0–255; alpha is left out.
 * @throws RangeError where there is no whole point.
 */
export function meanOfPoints(rgba: ArrayLike<number>): string {
  const count = Math.floor(rgba.length / 4);
  if (count === 0) throw new RangeError(`rgba must hold at least one point of four values, got ${String(rgba.length)}`);
  const mean = (k: 0 | 1 | 2): number => {
    let sum = 0;
    for (let i = 0; i < count; i++) sum += toLinear((rgba[4 * i + k] ?? 0) / 255);
    return sum / count;
  };
  return hexOf([mean(0), mean(1), mean(2)]);
}

/** What is seen when `share` (0–1) of `below` is hidden by `above`. */
export const covered = (below: Linear, above: Linear, share: number): Linear => [
  below[0] + (above[0] - below[0]) * share,
  below[1] + (above[1] - below[1]) * share,
  below[2] + (above[2] - below[2]) * share,
];
