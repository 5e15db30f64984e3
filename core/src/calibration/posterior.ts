/** What is believed of a factor before and after it was seen: mean and spread of its logarithm. */
export interface Belief {
  mean: number;
  sd: number;
}

/**
 * Normal–normal: a mean with a normal prior around 0, seen with normal noise of known spread. With n cases of mean x̄ the posterior has precision
 * 1/τ² + n/σ² and mean (n·x̄/σ²)/precision (Gelman et al., Bayesian Data Analysis, 3rd ed. 2013, ch. 2.5; citation from memory).
 * @param logRatios logarithms of seen over foreseen
 * @param priorSd τ, how far benches differ from the label
 * @param noiseSd σ, how far one case differs from the bench's own mean
 */
export function posterior(logRatios: readonly number[], priorSd: number, noiseSd: number): Belief {
  if (!(priorSd > 0 && noiseSd > 0)) throw new RangeError(`spreads must be above 0, got ${String(priorSd)} and ${String(noiseSd)}`);
  const precision = 1 / priorSd ** 2 + logRatios.length / noiseSd ** 2;
  const sum = logRatios.reduce((total, one) => total + one, 0);
  return { mean: sum / noiseSd ** 2 / precision, sd: Math.sqrt(1 / precision) };
}

/** Four times out of five the truth lies within so many spreads of the mean. */
const Z_80 = 1.2815515655446004;

/** A factor with the range in which it lies four times out of five. */
export interface Factor {
  factor: number;
  lowFactor: number;
  highFactor: number;
}

export const factorOf = ({ mean, sd }: Belief): Factor => ({
  factor: Math.exp(mean),
  lowFactor: Math.exp(mean - Z_80 * sd),
  highFactor: Math.exp(mean + Z_80 * sd),
});
