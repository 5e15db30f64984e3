import type { HeightMap } from './relief.js';
import type { Painted } from './painted.js';

/** `day`: from above left, as out of doors · `lamp`: from the right, low, as on a bench · `flat`: from all around, to judge colour by. */
export const LAMPS = ['day', 'lamp', 'flat'] as const;
export type Lamp = (typeof LAMPS)[number];

/** Where light comes from, and how much of it comes from there; the rest comes from all around (our numbers). */
const FROM: Readonly<Record<Lamp, { x: number; y: number; z: number; share: number }>> = {
  day: { x: -0.48, y: -0.62, z: 0.62, share: 0.62 },
  lamp: { x: 0.75, y: -0.3, z: 0.59, share: 0.75 },
  flat: { x: 0, y: 0, z: 1, share: 0 },
};

/** Relief on a model is seen as if it were so much higher, so that it reads on a screen (our number). */
const READS_HIGHER = 1.7;
/** What a mirror throws back of the light, at the most (our number). */
const MOST_GLINT = 0.45;
const MIRROR_GU = 85;

const STEPS = 4096;
const toScreen = (light: number): number => (light <= 0.0031308 ? light * 12.92 : 1.055 * light ** (1 / 2.4) - 0.055);
const SCREEN = Uint8ClampedArray.from({ length: STEPS + 1 }, (_, i) => Math.round(255 * toScreen(i / STEPS)));

/**
 * A painted surface as it is seen from straight ahead: its light by how it faces the lamp, and what its sheen throws back. `wetShare` above 0 darkens and shines what
 * has just been laid. Red, green, blue and alpha of each pixel, 0–255.
 */
export function lit(painted: Painted, map: HeightMap, lamp: Lamp, wetShare = 0): Uint8ClampedArray<ArrayBuffer> {
  const { light, filmUm, sheenGu, last } = painted;
  const { um, widthPx, heightPx, pxPerMm } = map;
  const n = um.length;
  const out = new Uint8ClampedArray(4 * n);
  const from = FROM[lamp];
  // half way between the lamp and the eye
  const half = Math.hypot(from.x, from.y, from.z + 1);
  const [hx, hy, hz] = [from.x / half, from.y / half, (from.z + 1) / half];
  const scale = (READS_HIGHER * pxPerMm) / 2000;
  const height = (i: number): number => (um[i] ?? 0) + (filmUm[i] ?? 0);
  for (let row = 0, i = 0; row < heightPx; row++)
    for (let column = 0; column < widthPx; column++, i++) {
      const dx = (height(column < widthPx - 1 ? i + 1 : i) - height(column > 0 ? i - 1 : i)) * scale;
      const dy = (height(row < heightPx - 1 ? i + widthPx : i) - height(row > 0 ? i - widthPx : i)) * scale;
      const length = Math.sqrt(1 + dx * dx + dy * dy);
      const towards = Math.max(0, (from.z - dx * from.x - dy * from.y) / length) / from.z;
      const wet = wetShare > 0 ? wetShare * Math.min(1, last?.shares[i] ?? 0) : 0;
      const shade = (1 - from.share + from.share * Math.min(1.7, towards)) * (1 - 0.3 * wet);
      const gloss = Math.min(1, (sheenGu + wet * MIRROR_GU) / MIRROR_GU);
      const glint = from.share === 0 || gloss < 0.02 ? 0 : glintOf(Math.max(0, (hz - dx * hx - dy * hy) / length), gloss);
      for (let c = 0; c < 3; c++) {
        const value = (light[c * n + i] ?? 0) * shade + glint;
        out[4 * i + c] = SCREEN[Math.min(STEPS, Math.max(0, Math.round(value * STEPS)))] ?? 0;
      }
      out[4 * i + 3] = 255;
    }
  return out;
}

/** Sharp and bright on gloss, broad and faint on satin. */
const glintOf = (facing: number, gloss: number): number => MOST_GLINT * gloss * gloss * facing ** (10 + 110 * gloss);
