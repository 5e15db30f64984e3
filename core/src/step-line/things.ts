import type { Material, Supplies } from '../materials/index.js';
import { craftNames } from '../words/index.js';

/** `Sides` and `side` are the same word here, and `dry-brush` is two. */
export const stem = (word: string): string => (word.length > 3 && word.endsWith('s') && !word.endsWith('ss') ? word.slice(0, -1) : word);
const wordsOf = (text: string): string[] =>
  text
    .toLowerCase()
    .split(/[^\p{L}\p{N}#%]+/u)
    .filter((word) => word !== '');
export const stems = (text: string): string[] => wordsOf(text).map(stem);

/** A thing that can be laid, as a step names it. */
export interface Thing {
  material: string;
  bottleId: string | null;
}

/** What it is called: its own name, its kind, and what painters call that. */
interface Called extends Thing {
  role: Material['role'];
  own: readonly string[];
  /** Each in words: `rattle can` is meant by both of them only. */
  also: readonly (readonly string[])[];
}

/** What a shelf holds changes far less often than a letter is typed. */
const seen = new WeakMap<Supplies, readonly Called[]>();

/** All that can be laid: bottles first, then kinds. */
export function thingsOf(supplies: Supplies): readonly Called[] {
  const before = seen.get(supplies);
  if (before) return before;
  const kinds = supplies.materials.map(({ id, name, role }) => ({
    material: id,
    bottleId: null,
    role,
    own: stems(name),
    also: craftNames(name).map(stems),
  }));
  const bottles = supplies.bottles.map(({ id, name, material }) => {
    const kind = supplies.material(material);
    return {
      material,
      bottleId: id,
      role: kind.role,
      own: stems(name),
      also: [...stems(kind.name).map((word) => [word]), ...craftNames(`${name} ${kind.name}`).map(stems)],
    };
  });
  const all = [...bottles, ...kinds];
  seen.set(supplies, all);
  return all;
}

/** Words that many kinds have: they tell what it is for, not which of them it is. */
const PLAIN_WORDS: ReadonlySet<string> = new Set(['powder', 'paint', 'primer', 'glue', 'clear']);
/** Of these the ones that say what is done, too: by them alone nothing is meant, or powder would be its fixer. */
const DOING_WORDS: ReadonlySet<string> = new Set(['powder', 'paint', 'glue', 'clear']);

/** The thing that most of some words mean; what stands on the shelf first, then the shortest name. With which of the words it is known by. */
export function meantBy(
  asked: readonly string[],
  things: readonly Called[],
): { thing: Called; known: readonly boolean[]; score: number } | null {
  const scored = things.map((thing) => {
    const named = asked.map((word) => thing.own.includes(word) && !PLAIN_WORDS.has(word));
    const also = new Set(thing.also.filter((words) => words.every((word) => asked.includes(word))).flat());
    const known = asked.map((word) => thing.own.includes(word) || also.has(word));
    const score =
      known.filter(Boolean).length * 10 + named.filter(Boolean).length * 3 + (thing.bottleId === null ? 0 : 2) - thing.own.length * 0.5;
    return { thing, known, score };
  });
  const tells = (known: readonly boolean[]): boolean => known.some((is, i) => is && !DOING_WORDS.has(asked[i] ?? ''));
  return scored.filter(({ known }) => tells(known)).sort((a, b) => b.score - a.score)[0] ?? null;
}
