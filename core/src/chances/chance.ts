import { normal } from '../units/index.js';

/** Times vary as the log-normal does: a factor with median 1. */
export function spreadFactor(random: () => number, sigma: number): number {
  return sigma === 0 ? 1 : Math.exp(sigma * normal(random));
}
