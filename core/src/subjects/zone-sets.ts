import type { Piece, Zone } from './piece.js';

/** Zones that are chosen with one press, or one word. */
export interface ZoneSet {
  name: string;
  ids: readonly string[];
}

const wordOf = ({ name }: Zone): string => /^\p{L}+/u.exec(name.toLowerCase())?.[0] ?? '';

/** The painter's own groups, in the order in which their first zones come. */
export function ownSets({ zones }: Pick<Piece, 'zones'>): ZoneSet[] {
  const names = [...new Set(zones.flatMap(({ sets }) => sets))];
  return names.map((name) => ({ name, ids: zones.filter(({ sets }) => sets.includes(name)).map(({ id }) => id) }));
}

/** All groups of zones: the painter's own, then those that share the word they begin with, `side, upper` and `side, lower`, by that word. */
export function zoneSets(piece: Pick<Piece, 'zones'>): ZoneSet[] {
  const own = ownSets(piece);
  const open = piece.zones.filter(({ keepClean }) => keepClean === null);
  const byWord = [...new Set(open.map(wordOf))].flatMap((word): ZoneSet[] => {
    const zones = open.filter((zone) => wordOf(zone) === word);
    if (word === '' || zones.length < 2 || zones.length === open.length) return [];
    return [{ name: word.endsWith('s') ? word : `${word}s`, ids: zones.map(({ id }) => id) }];
  });
  return [...own, ...byWord.filter(({ name }) => own.every((set) => set.name.toLowerCase() !== name))];
}

/** The zones with just these of them in a group of this name; with none of them there is no such group any more. */
export const withSet = (zones: readonly Zone[], name: string, ids: readonly string[]): Zone[] =>
  zones.map((zone) => {
    const others = zone.sets.filter((set) => set !== name);
    if (ids.includes(zone.id)) return zone.sets.includes(name) ? zone : { ...zone, sets: [...others, name] };
    return others.length === zone.sets.length ? zone : { ...zone, sets: others };
  });
