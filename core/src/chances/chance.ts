/** Times vary as the log-normal does: a factor with median 1 (Box–Muller on two even numbers). */
export function spreadFactor(random: () => number, sigma: number): number {
  if (sigma === 0) return 1;
  const radius = Math.sqrt(-2 * Math.log(1 - random()));
  return Math.exp(sigma * radius * Math.cos(2 * Math.PI * random()));
}
