import type { Linear } from './linear.js';

/**
 * What a surface adds to the colour below it: a matt one throws back a little white light to all sides, a gloss one in one direction
 * only, so the same paint looks deeper under gloss and paler under matt. From memory: about 3 % of the light on a dead matt surface.
 */
const MATT_HAZE = 0.03;
/** From here on a surface is a mirror for its own reflection, GU at 60°. */
const MIRROR_GU = 85;

/** Share of white light that a surface of this gloss adds, 0–0.03. */
export const surfaceHaze = (glossGu: number): number => MATT_HAZE * Math.max(0, 1 - glossGu / MIRROR_GU);

/** The light of a surface whose gloss is changed from one to another by a coat that is clear itself. */
export function withGloss(light: Linear, fromGu: number, toGu: number): Linear {
  const shift = surfaceHaze(toGu) - surfaceHaze(fromGu);
  return light.map((channel) => Math.min(1, Math.max(0, channel + shift))) as Linear;
}
