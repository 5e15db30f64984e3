import type { Light, Painted } from '../painted.js';

/** The surface with the light of each place towards another by a share, 0–1. What was laid last can no longer be moved. */
export function towards(painted: Painted, other: (k: number, colour: number) => number, share: (i: number) => number): Painted {
  const n = painted.light.length / 3;
  const light = new Float32Array(painted.light.length);
  for (let i = 0; i < n; i++) {
    const part = share(i);
    for (let colour = 0, k = i; colour < 3; colour++, k += n) {
      const own = painted.light[k] ?? 0;
      light[k] = own + (other(k, colour) - own) * part;
    }
  }
  return { ...painted, light, last: null };
}

/** Towards what is seen of another surface. */
export const towardsLight = (painted: Painted, other: Light, share: (i: number) => number): Painted =>
  towards(painted, (k) => other[k] ?? 0, share);

/** The surface with so much more height at each place, µm. */
export function raised(painted: Painted, byUm: (i: number) => number): Painted {
  return { ...painted, filmUm: painted.filmUm.map((um, i) => um + byUm(i)) };
}
