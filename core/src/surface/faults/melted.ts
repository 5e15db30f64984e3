import { ranked, smoothstep } from '../fields.js';
import { cloudsOn } from '../spread/each-place.js';
import type { Fault } from './types.js';
import { raised, towards } from './with-light.js';

/** Pits: so wide, mm, so deep at the most, µm, from which rank of the noise on, and how much darker it is in them (our numbers). */
const [PIT_MM, DEEP_UM, FROM_RANK, DARKER] = [{ x: 4.6, y: 4.2 }, 1300, 0.4, 0.5];

/** Foam shrinks away under what dissolves it: pits with soft rims that run into each other. */
export const melted: Fault = ({ painted, fields, seed }) => {
  const rank = ranked(cloudsOn(fields, seed, PIT_MM));
  const deep = (i: number): number => smoothstep(FROM_RANK, 0.95, rank[i] ?? 0);
  return raised(
    towards(
      painted,
      (k) => (painted.light[k] ?? 0) * (1 - DARKER),
      (i) => deep(i),
    ),
    (i) => -DEEP_UM * deep(i),
  );
};
