import { normal, seededFrom } from '../units/index.js';
import { seedOf, type Device } from './device.js';

/** A pocket scale as hobby shops sell them (from memory): shows hundredths of a gram, holds half a kilogram. */
export const SCALE_STEP_G = 0.01;
export const SCALE_MOST_G = 500;
/** It comes to rest so long after the pan was touched (our number). */
const RESTS_AFTER_S = 1.5;
/** How it wavers, one spread: at rest, and while it swings (our numbers). */
const NOISE_G = { resting: 0.004, swinging: 0.12 };

export interface OnThePan {
  grams: number;
  /** Seconds since the pan was touched. */
  sinceS: number;
}

/** A simulated pocket scale: what is said to lie on it, in its steps, with an instrument's noise. Deterministic by moment. */
export function simulatedScale(): Device<'scale', OnThePan> {
  return {
    id: 'scale',
    name: 'Pocket scale',
    simulated: true,
    read: (at, { grams, sinceS }) => {
      const isSteady = sinceS >= RESTS_AFTER_S;
      const noise = normal(seededFrom(seedOf(`${at} ${String(grams)}`))) * NOISE_G[isSteady ? 'resting' : 'swinging'];
      const shown = Math.round((grams + noise) / SCALE_STEP_G) / Math.round(1 / SCALE_STEP_G);
      // an empty pan shows no minus nought
      return { grams: shown > SCALE_MOST_G ? null : shown + 0, isSteady };
    },
  };
}
