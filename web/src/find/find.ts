import Fuse from 'fuse.js';
import { alsoCalled } from '@eveningtide/core/words';

/** A letter wrong here and there is no matter; another word is (our number). */
const STRICTNESS = 0.3;

interface Told {
  /** What it is called in the app. */
  name: string;
  /** What more is told of it. */
  text: string;
}

/** What a few words mean, the best first: by name, by what painters call it, by its description; every word counts. Without words all, as they were. */
export function foundBy<T>(words: string, items: readonly T[], told: (item: T) => Told): T[] {
  const wanted = words.trim();
  if (wanted === '') return [...items];
  const entries = items.map((item) => {
    const { name, text } = told(item);
    return { item, name, also: alsoCalled(name), text, alsoOfText: alsoCalled(text) };
  });
  const fuse = new Fuse(entries, { keys: ['name', 'also', 'text', 'alsoOfText'], threshold: STRICTNESS, ignoreLocation: true });
  const byWord = wanted
    .toLowerCase()
    .split(/\s+/)
    .map((word) => {
      const alike = new Map(fuse.search(word).map(({ refIndex, score = 1 }) => [refIndex, score]));
      return entries.map((entry, i) => rankOf(word, entry, alike.get(i)));
    });
  return entries
    .map(({ item }, i) => ({ item, rank: byWord.reduce((sum, ranks) => sum + (ranks[i] ?? Infinity), 0) }))
    .filter(({ rank }) => Number.isFinite(rank))
    .sort((a, b) => a.rank - b.rank)
    .map(({ item }) => item);
}

/** What stands within another word comes after what begins one. */
const WITHIN = 0.5;
const beginsIn = (word: string, field: string): boolean =>
  field
    .toLowerCase()
    .split(/[\s,;/]+/)
    .some((one) => one.startsWith(word));

/** Its name before what painters call it, that before what is told of it and what painters call that; what is only alike last; Infinity where it is not meant. */
function rankOf(
  word: string,
  { name, also, text, alsoOfText }: Record<'name' | 'also' | 'text' | 'alsoOfText', string>,
  alike: number | undefined,
): number {
  const at = [name, also, text, alsoOfText].findIndex((field) => field.toLowerCase().includes(word));
  // “brush coat” is not an airbrush coat
  if (at >= 0) return at + (beginsIn(word, [name, also, text, alsoOfText][at] ?? '') ? 0 : WITHIN);
  return alike === undefined ? Infinity : 4 + alike;
}
