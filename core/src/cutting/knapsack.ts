/** How many of each class lie on one strip. */
export type Pattern = readonly number[];

/** So many nodes of a tree are looked at before its bound is taken for its value: hobby strips take a few hundred (our number). */
const MOST_NODES = 100_000;

/**
 * The fullest strip by worth: how many of each size fit into the capacity, at most so many of each, so that their worth is greatest. Branch and bound, densest
 * worth first; `most` bounds the worth from above, and is the worth itself where the tree was looked at whole.
 */
export function bestPattern(
  sizes: readonly number[],
  worths: readonly number[],
  mostOf: readonly number[],
  capacity: number,
): { pattern: number[]; worth: number; most: number } {
  const order = sizes
    .map((_, i) => i)
    .filter((i) => (worths[i] ?? 0) > 1e-12 && (mostOf[i] ?? 0) > 0)
    .sort((a, b) => (worths[b] ?? 0) / (sizes[b] ?? 1) - (worths[a] ?? 0) / (sizes[a] ?? 1));
  const density = order.map((i) => (worths[i] ?? 0) / (sizes[i] ?? 1));
  const taken = sizes.map(() => 0);
  let best = { pattern: [...taken], worth: 0 };
  let nodes = 0;
  const go = (at: number, room: number, worth: number): void => {
    if (worth > best.worth + 1e-12) best = { pattern: [...taken], worth };
    const i = order[at];
    if (i === undefined || ++nodes > MOST_NODES || worth + room * (density[at] ?? 0) <= best.worth + 1e-12) return;
    const size = sizes[i] ?? 1;
    for (let n = Math.min(mostOf[i] ?? 0, Math.floor(room / size)); n >= 0; n--) {
      taken[i] = n;
      go(at + 1, room - n * size, worth + n * (worths[i] ?? 0));
    }
    taken[i] = 0;
  };
  go(0, capacity, 0);
  return { ...best, most: nodes > MOST_NODES ? Math.max(best.worth, capacity * (density[0] ?? 0)) : best.worth };
}
