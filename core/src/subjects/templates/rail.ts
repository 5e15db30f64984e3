import { RAIL_CHECKS, RAIL_PARTS } from './parts.js';

/** What all rail vehicles start from. */
export const RAIL = {
  kind: 'rolling-stock',
  startSheen: 'gloss',
  handled: true,
  scaleRatio: 76,
  parts: RAIL_PARTS,
  checks: RAIL_CHECKS,
} as const;
export const TWO_AXLES = [0.22, 0.78] as const;
export const BOGIES = [0.12, 0.24, 0.76, 0.88] as const;

/** An arc roof is a little longer than it looks from above: rise of a sixth of the width (from memory). */
export const ROOF_STRETCH = 1.07;
