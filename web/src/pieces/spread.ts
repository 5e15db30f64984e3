/** Labels pushed apart so that none lies over another, in their order from the top. */
export function spread<T extends { y: number }>(items: readonly T[], least: number, bottom: number): (T & { at: number })[] {
  const sorted = items.toSorted((a, b) => a.y - b.y);
  let last = -Infinity;
  const down = sorted.map((item) => {
    last = Math.max(item.y, last + least, 9);
    return { ...item, at: last };
  });
  let next = bottom;
  return down
    .toReversed()
    .map((item) => {
      next = Math.min(item.at, next);
      const placed = { ...item, at: next };
      next -= least;
      return placed;
    })
    .toReversed();
}
