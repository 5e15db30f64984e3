import type { Pattern } from './knapsack.js';
import { relaxed } from './relaxed.js';
import type { LengthClass } from './stock-problem.js';

/** So many strips are tried in all before the best that was found is taken (our number: under a second). */
const MOST_TRIES = 60_000;
const EPS = 1e-6;

/** Patterns of strips that cover what is wanted; no plan has fewer than `least`. */
export interface Strips {
  patterns: Pattern[];
  least: number;
}

/**
 * Fewest strips of one length. First the longest piece that fits, strip by strip; then the relaxation's whole strips with the rest packed as well as it goes; where
 * that is still more than the bound, all ways to pack are gone through, the fullest first, as long as tries are left. In hobby sizes the bound is nearly always met.
 */
export function fewestStrips(classes: readonly LengthClass[], capacity: number): Strips {
  const counts = classes.map(({ count }) => count);
  if (counts.every((count) => count === 0)) return { patterns: [], least: 0 };
  const { strips, worths, used } = relaxed(
    classes.filter(({ count }) => count > 0),
    capacity,
  );
  const there = classes.flatMap(({ count }, i) => (count > 0 ? [i] : []));
  const spread = (list: readonly number[]): number[] => classes.map((_, i) => (there.includes(i) ? (list[there.indexOf(i)] ?? 0) : 0));
  const packer = new Packer(classes, capacity, spread(worths), Math.ceil(strips - EPS));
  packer.offer(firstFit(classes, capacity, counts));
  const left = [...counts];
  const whole: Pattern[] = [];
  for (const { pattern, times } of used)
    for (let n = Math.floor(times + EPS); n > 0; n--) {
      const own = spread(pattern).map((count, i) => Math.min(count, left[i] ?? 0));
      own.forEach((count, i) => (left[i] = (left[i] ?? 0) - count));
      if (own.some((count) => count > 0)) whole.push(own);
    }
  packer.complete(whole, left);
  packer.complete([], counts);
  return { patterns: packer.best, least: packer.least };
}

/** Longest first, each on the first strip that has room for it. */
function firstFit(classes: readonly LengthClass[], capacity: number, counts: readonly number[]): Pattern[] {
  const strips: { room: number; pattern: number[] }[] = [];
  classes.forEach(({ size }, i) => {
    for (let n = counts[i] ?? 0; n > 0; n--) {
      let strip = strips.find(({ room }) => room >= size);
      if (!strip) strips.push((strip = { room: capacity, pattern: classes.map(() => 0) }));
      strip.room -= size;
      strip.pattern[i] = (strip.pattern[i] ?? 0) + 1;
    }
  });
  return strips.map(({ pattern }) => pattern);
}

class Packer {
  best: Pattern[] = [];
  private tries = 0;
  private readonly seen = new Map<string, number>();

  constructor(
    private readonly classes: readonly LengthClass[],
    private readonly capacity: number,
    private readonly worths: readonly number[],
    readonly least: number,
  ) {}

  offer(patterns: readonly Pattern[]): void {
    if (this.best.length === 0 || patterns.length < this.best.length) this.best = [...patterns];
  }

  /** Packs what is left behind what is packed already: all ways, the most promising first. */
  complete(packed: readonly Pattern[], left: readonly number[]): void {
    this.seen.clear();
    this.go([...packed], [...left]);
  }

  private isOver(): boolean {
    return this.best.length <= this.least || this.tries > MOST_TRIES;
  }

  private needs(left: readonly number[]): number {
    return Math.ceil(left.reduce((sum, count, i) => sum + count * (this.worths[i] ?? 0), 0) - EPS);
  }

  private go(packed: Pattern[], left: number[]): void {
    const longest = left.findIndex((count) => count > 0);
    if (longest < 0) {
      this.offer(packed);
      return;
    }
    if (packed.length + Math.max(1, this.needs(left)) >= this.best.length) return;
    const key = left.join(' ');
    if ((this.seen.get(key) ?? Infinity) <= packed.length) return;
    this.seen.set(key, packed.length);
    for (const pattern of this.fullest(longest, left)) {
      if (this.isOver()) return;
      this.tries++;
      packed.push(pattern);
      this.go(
        packed,
        left.map((count, i) => count - (pattern[i] ?? 0)),
      );
      packed.pop();
    }
  }

  /** Strips with at least one of the longest piece, so full that nothing more fits: what is worth most first. */
  private fullest(longest: number, left: readonly number[]): Pattern[] {
    const { classes, capacity, worths } = this;
    const out: { pattern: number[]; worth: number }[] = [];
    const pattern = classes.map(() => 0);
    const smallest = left.findLastIndex((count) => count > 0);
    const fill = (at: number, room: number, worth: number): void => {
      if (out.length >= MOST_PATTERNS) return;
      if (at === classes.length) {
        const more = classes.some(({ size }, i) => (left[i] ?? 0) > (pattern[i] ?? 0) && size <= room);
        if (!more) out.push({ pattern: [...pattern], worth });
        return;
      }
      const size = classes[at]?.size ?? 1;
      const most = Math.min(left[at] ?? 0, Math.floor(room / size));
      // of the shortest as many as go: what is left out of it would fit
      const least = at === longest ? 1 : at === smallest ? most : 0;
      for (let n = most; n >= least; n--) {
        pattern[at] = n;
        fill(at + 1, room - n * size, worth + n * (worths[at] ?? 0));
      }
      pattern[at] = 0;
    };
    fill(longest, capacity, 0);
    return out.sort((a, b) => b.worth - a.worth).map((one) => one.pattern);
  }
}

/** So many ways to fill one strip are looked at (our number). */
const MOST_PATTERNS = 4000;
