import { blurred, ranked, smoothstep } from '../fields.js';
import { noiseOn } from '../spread/each-place.js';
import type { Fault } from './types.js';

/** What of a lifted layer is gone where it came up most; on how much of the surface it does, and how softly that ends (our numbers). */
const [GONE, BARE_FROM, SOFT] = [0.85, 0.7, 0.13];
/** The rest is dragged about: so far down and to the sides, mm, and so much of it (our numbers). */
const [DRAGGED_MM, DRAGGED] = [{ x: 0.9, y: 2.6 }, 0.55];
/** It comes up in patches of about this size, mm (our number). */
const PATCH_MM = { x: 3.6, y: 9 };

/** A layer that a liquid has lifted: dragged about with what lifted it, and gone in patches, where it is bare again. */
export const lifted: Fault = ({ painted, below, fields, seed }) => {
  const { widthPx, heightPx, pxPerMm } = fields.map;
  const n = widthPx * heightPx;
  const patches = noiseOn(fields, seed, PATCH_MM);
  const fine = noiseOn(fields, seed + 1, { x: 0.5, y: 3.2 });
  const rank = ranked(patches.map((value, i) => value + 0.5 * (fine[i] ?? 0)));
  const light = new Float32Array(painted.light.length);
  for (let c = 0; c < 3; c++) {
    const own = painted.light.subarray(c * n, (c + 1) * n);
    const dragged = blurred(own, widthPx, heightPx, { x: DRAGGED_MM.x * pxPerMm, y: DRAGGED_MM.y * pxPerMm });
    for (let i = 0; i < n; i++) {
      const smeared = (own[i] ?? 0) + ((dragged[i] ?? 0) - (own[i] ?? 0)) * DRAGGED;
      const gone = GONE * smoothstep(BARE_FROM - SOFT, BARE_FROM + SOFT, rank[i] ?? 0);
      light[c * n + i] = smeared + ((below[c * n + i] ?? 0) - smeared) * gone;
    }
  }
  return { ...painted, light, last: null };
};
