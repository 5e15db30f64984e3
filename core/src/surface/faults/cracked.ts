import { seededAt } from '../../units/index.js';
import { eachPlace } from '../spread/each-place.js';
import type { Fields } from '../fields.js';
import type { Fault } from './types.js';
import { raised, towardsLight } from './with-light.js';

/** Flakes between cracks are so large, cracks so wide, mm, and so deep, µm (our numbers). */
const [FLAKE_MM, CRACK_MM, DEEP_UM] = [2.4, 0.13, 55];

/** The middle of the flake of a square of the mesh: anywhere within it. */
const middleOf = (seed: number, column: number, row: number): { x: number; y: number } => {
  const at = seed + column * 7919 + row * 104_729;
  return { x: column + seededAt(at), y: row + seededAt(at + 31) };
};

/** How far each place is from the crack next to it, mm: half of what the second nearest flake's middle is further off than the nearest's. */
function fromCrackMm(fields: Fields, seed: number): Float32Array {
  const { pxPerMm } = fields.map;
  return eachPlace(fields, (_, column, row) => {
    const [x, y] = [(column + 0.5) / pxPerMm / FLAKE_MM, (row + 0.5) / pxPerMm / FLAKE_MM];
    let [nearest, second] = [Infinity, Infinity];
    for (let across = -1; across <= 1; across++)
      for (let down = -1; down <= 1; down++) {
        const middle = middleOf(seed, Math.floor(x) + across, Math.floor(y) + down);
        const apart = Math.hypot(middle.x - x, middle.y - y);
        if (apart < nearest) [nearest, second] = [apart, nearest];
        else if (apart < second) second = apart;
      }
    return ((second - nearest) / 2) * FLAKE_MM;
  });
}

/** The film has shrunk into flakes; what lies below shows between them. */
export const cracked: Fault = ({ painted, below, fields, seed }) => {
  const apart = fromCrackMm(fields, seed);
  // half a pixel at least, or a coarse picture shows none
  const half = Math.max(CRACK_MM, 0.6 / fields.map.pxPerMm);
  const open = (i: number): number => Math.max(0, 1 - (apart[i] ?? 0) / half);
  return raised(
    towardsLight(painted, below, (i) => 0.9 * open(i)),
    // the rims of flakes curl up
    (i) => DEEP_UM * (Math.max(0, 0.5 - (apart[i] ?? 0)) - open(i)),
  );
};
