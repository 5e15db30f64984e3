import type { Distances, Graph } from './graph.js';

/**
 * No schedule can end before this: the longest path of lags, and for each resource the work of any set of its operations, after the
 * earliest of their beginnings and before the shortest of what must follow.
 */
export function lowerBoundMin({ problem: { operations }, durations, nodes }: Graph, distances: Distances): number {
  const head = (i: number): number => distances.at(0, i);
  const tails = operations.map((_, i) => {
    let tail = 0;
    for (let k = 1; k < nodes; k++) {
      const path = distances.at(i + 1, k);
      if (path > -Infinity) tail = Math.max(tail, path - (durations[i + 1] ?? 0) + (durations[k] ?? 0));
    }
    return tail;
  });
  let bound = 0;
  for (const [i] of operations.entries()) bound = Math.max(bound, head(i + 1) + (durations[i + 1] ?? 0) + (tails[i] ?? 0));
  for (const resource of new Set(operations.flatMap(({ resources }) => resources))) {
    const users = operations.flatMap(({ resources }, i) => (resources.includes(resource) ? [i] : []));
    for (const from of users)
      for (const after of users) {
        const [headMin, tailMin] = [head(from + 1), tails[after] ?? 0];
        let [work, count] = [0, 0];
        for (const i of users)
          if (head(i + 1) >= headMin && (tails[i] ?? 0) >= tailMin) {
            work += durations[i + 1] ?? 0;
            count++;
          }
        if (count > 0) bound = Math.max(bound, headMin + work + tailMin);
      }
  }
  return bound;
}
