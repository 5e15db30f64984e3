const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));

/** All ratios of `count` whole parts of at least 1 that sum to at most `most`, each once: 2 : 2 is 1 : 1. */
export function wholeRatios(count: number, most: number): number[][] {
  const out: number[][] = [];
  const extend = (begun: readonly number[], left: number): void => {
    if (begun.length === count) {
      if (begun.reduce(gcd) === 1 || count === 1) out.push([...begun]);
      return;
    }
    const still = count - begun.length - 1;
    for (let part = 1; part <= left - still; part++) extend([...begun, part], left - part);
  };
  extend([], most);
  return out;
}

/** The whole parts, at most `most` in all, whose shares come nearest to those given: the smallest that do so. */
export function nearestParts(shares: readonly number[], most: number): { parts: number[]; worstShareError: number } {
  const sum = shares.reduce((a, b) => a + b, 0);
  if (!(sum > 0) || shares.some((share) => !(share >= 0)))
    throw new RangeError(`shares must be at least 0 and not all 0, got ${shares.join(', ')}`);
  const wanted = shares.map((share) => share / sum);
  const used = wanted.filter((share) => share > 0);
  let best = { parts: used.map(() => 1), worstShareError: Infinity };
  for (const ratio of wholeRatios(used.length, Math.max(most, used.length))) {
    const total = ratio.reduce((a, b) => a + b, 0);
    const worst = Math.max(...used.map((share, i) => Math.abs(share - (ratio[i] ?? 0) / total)));
    const better = worst < best.worstShareError - 1e-9;
    const smaller = Math.abs(worst - best.worstShareError) <= 1e-9 && total < best.parts.reduce((a, b) => a + b, 0);
    if (better || smaller) best = { parts: ratio, worstShareError: worst };
  }
  const parts = [...best.parts];
  return { parts: wanted.map((share) => (share > 0 ? (parts.shift() ?? 0) : 0)), worstShareError: best.worstShareError };
}

/** Parts as a person would say them: small whole numbers where they are near enough, else so that the smallest is 1. */
export function plainParts(parts: readonly number[]): number[] {
  const most = 20;
  const { parts: whole, worstShareError } = parts.length <= 3 ? nearestParts(parts, most) : { parts: [], worstShareError: Infinity };
  if (worstShareError < 0.001) return whole;
  const least = Math.min(...parts.filter((part) => part > 0));
  return parts.map((part) => Math.round((part / least) * 100) / 100);
}
