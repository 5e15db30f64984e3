import { smoothstep } from '../fields.js';
import { eachPlace, noiseOn } from '../spread/each-place.js';
import type { Fault } from './types.js';
import { raised, towardsLight } from './with-light.js';

/** The tape's edges lie so far from those of the surface; along them so wide a strip comes off, at most, mm; the edge prints so deep, µm (our numbers). */
const [EDGE_MM, STRIP_MM, DEEP_UM] = [3.5, 3.4, 60];

/** Tape on soft paint: its edge is printed, and flakes came away with it. */
export const pulled: Fault = ({ painted, below, fields, seed }) => {
  const { heightPx, pxPerMm } = fields.map;
  const torn = noiseOn(fields, seed, { x: 2.4, y: 1.5 });
  const ragged = noiseOn(fields, seed + 1, { x: 0.35, y: 0.3 });
  const edgeMm = Math.min(EDGE_MM, heightPx / pxPerMm / 4);
  // from the nearer of the two edges of the strip, to its inside
  const inside = eachPlace(fields, (_, __, row) => (Math.min(row, heightPx - 1 - row) + 0.5) / pxPerMm - edgeMm);
  const gone = (i: number): number => {
    const far = inside[i] ?? 0;
    if (far < 0) return 0;
    const rim = Math.max(0, 1 - far / STRIP_MM);
    return smoothstep(0.72, 0.76, (torn[i] ?? 0) * 0.62 + (ragged[i] ?? 0) * 0.18 + 0.42 * rim);
  };
  const line = (i: number): number => Math.max(0, 1 - Math.abs(inside[i] ?? 0) / Math.max(0.18, 0.8 / pxPerMm));
  return raised(towardsLight(painted, below, gone), (i) => -DEEP_UM * Math.max(line(i), 0.6 * gone(i)));
};
