/** Which backups go: the newest few stay, the newest of each of the last days, then the newest of each of the last weeks. */
const NEWEST = 5;
const DAYS = 7;
const WEEKS = 8;
const DAY_MS = 86_400_000;

export interface Kept {
  name: string;
  madeAt: Date;
}

/** Names of the backups that are no longer wanted. Pure; the newest of all always stays. */
export function outdated(backups: readonly Kept[]): string[] {
  const newestFirst = backups.toSorted((a, b) => b.madeAt.getTime() - a.madeAt.getTime());
  const keep = new Set<string>(newestFirst.slice(0, NEWEST).map(({ name }) => name));
  const firstOfEach = (slot: (madeAt: Date) => number, most: number): void => {
    const seen = new Set<number>();
    for (const { name, madeAt } of newestFirst) {
      const own = slot(madeAt);
      if (seen.has(own) || seen.size >= most) continue;
      seen.add(own);
      keep.add(name);
    }
  };
  firstOfEach((madeAt) => Math.floor(madeAt.getTime() / DAY_MS), DAYS);
  firstOfEach((madeAt) => Math.floor(madeAt.getTime() / (7 * DAY_MS)), WEEKS);
  return newestFirst.map(({ name }) => name).filter((name) => !keep.has(name));
}
