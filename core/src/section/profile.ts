/** Height profiles, one value a column, and what coats do to them. Heights in µm; `columnUm` is the width of a column. */

/**
 * The profile grown by a disc of `radius` columns: a true parallel offset, round at outer edges (grey-scale dilation).
 */
export function dilated(profile: readonly number[], radius: number, columnUm: number): number[] {
  const reach = Math.floor(radius);
  const rise = Array.from({ length: reach + 1 }, (_, d) => Math.sqrt(Math.max(0, radius * radius - d * d)) * columnUm);
  return profile.map((_, i) => {
    let highest = -Infinity;
    for (let d = -reach; d <= reach; d++) {
      const height = (profile[Math.min(profile.length - 1, Math.max(0, i + d))] ?? 0) + (rise[Math.abs(d)] ?? 0);
      if (height > highest) highest = height;
    }
    return highest;
  });
}

/** Grown and shrunk again: narrow places and corners are filled, the rest stays. */
export function closed(profile: readonly number[], radius: number, columnUm: number): number[] {
  const grown = dilated(profile, radius, columnUm);
  return dilated(
    grown.map((height) => -height),
    radius,
    columnUm,
  ).map((height) => -height);
}

/** Neighbours evened out so many times. */
export function smoothed(profile: readonly number[], times: number): number[] {
  let out = [...profile];
  for (let n = 0; n < times; n++) out = out.map((here, i) => ((out[i - 1] ?? here) + 2 * here + (out[i + 1] ?? here)) / 4);
  return out;
}

/** Values from 0 to 1, spread evenly over that range, that change slowly over about `length` columns. */
export function noise(random: () => number, count: number, length: number): number[] {
  const knots = Array.from({ length: Math.ceil(count / Math.max(1, length)) + 2 }, random);
  const raw = Array.from({ length: count }, (_, i) => {
    const at = i / Math.max(1, length);
    const [before, after] = [knots[Math.floor(at)] ?? 0, knots[Math.floor(at) + 1] ?? 0];
    const share = at - Math.floor(at);
    return before + (after - before) * share * share * (3 - 2 * share);
  });
  // by rank, so that a share of the columns lies below that share
  const order = raw.map((value, i) => ({ value, i })).sort((a, b) => a.value - b.value);
  const out = new Array<number>(count).fill(0);
  order.forEach(({ i }, rank) => (out[i] = (rank + 0.5) / count));
  return out;
}
