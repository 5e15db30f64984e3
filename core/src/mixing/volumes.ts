/** Parts of any mix to volumes, mL, that sum to the total. @throws RangeError unless all parts are ≥ 0 and one is above 0. */
export function volumesFromParts(parts: readonly number[], totalMl: number): number[] {
  const sum = parts.reduce((a, b) => a + b, 0);
  if (!(sum > 0) || parts.some((p) => !(p >= 0))) throw new RangeError(`parts must be at least 0 and not all 0, got ${parts.join(' : ')}`);
  if (!(totalMl > 0)) throw new RangeError(`totalMl must be above 0, got ${String(totalMl)}`);
  return parts.map((p) => (p / sum) * totalMl);
}

export const dropsFromMl = (ml: number, dropsPerMl: number): number => ml * dropsPerMl;
export const mlFromDrops = (drops: number, dropsPerMl: number): number => drops / dropsPerMl;

/**
 * C₁V₁ = C₂V₂: how much diluent brings `stockMl` of `stockPct` down to `wantedPct`. Ideal volumes: alcohol and water
 * shrink by 1–3 % when mixed, which is ignored. @throws RangeError unless 0 < wanted ≤ stock ≤ 100.
 */
export function diluteStrength(stockPct: number, wantedPct: number, stockMl: number): { totalMl: number; diluentMl: number } {
  if (!(wantedPct > 0 && wantedPct <= stockPct && stockPct <= 100))
    throw new RangeError(`wantedPct must be above 0 and at most stockPct (${String(stockPct)}), got ${String(wantedPct)}`);
  const totalMl = (stockPct * stockMl) / wantedPct;
  return { totalMl, diluentMl: totalMl - stockMl };
}
