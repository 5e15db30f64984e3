import { LIST_KEYS, PLAN_VERSION, isObject, keptListOf, type ListKey, type Loose } from '../kept/index.js';
import type { PlanLists } from './plan-file.js';
import { upgraded } from './upgrade.js';

/** One thing to pass on, `*.eveningtide-part.json`: a piece, a finish or a mix, with all that it is made from. docs/plan-file.md describes it. */
export const PART_FORMAT = 'eveningtide-part';

/** What can be passed on; the log is of one bench only. */
export type PartKey = Exclude<ListKey, 'log'>;
export const PART_KEYS = LIST_KEYS.filter((key): key is PartKey => key !== 'log');

export type PartLists = Pick<PlanLists, PartKey>;

export interface PartFile extends PartLists {
  format: typeof PART_FORMAT;
  version: number;
}

/** What fields point to, wherever they stand. */
const POINTS_TO: ReadonlyMap<string, PartKey> = new Map([
  ['bottleId', 'bottles'],
  ['mixId', 'mixes'],
  ['material', 'materials'],
  ['thinner', 'materials'],
  ['finishId', 'finishes'],
  ['stripId', 'strips'],
]);

/** A thing of which only is known that it has an id. */
type Thing = { id: string };

const listIn = (lists: PartLists, key: PartKey): readonly Thing[] => lists[key];
const find = (lists: PartLists, key: PartKey, id: string): Thing | undefined => listIn(lists, key).find((thing) => thing.id === id);

/** The same with each pointer as `change` wants it. */
function withPointers<T>(value: T, change: (key: PartKey, id: string) => string): T {
  if (Array.isArray(value)) return value.map((one: unknown) => withPointers(one, change)) as T;
  if (typeof value !== 'object' || value === null) return value;
  const fields = Object.entries(value).map(([name, inside]: [string, unknown]) => {
    const key = POINTS_TO.get(name);
    return [name, key && typeof inside === 'string' ? change(key, inside) : withPointers(inside, change)];
  });
  return Object.fromEntries(fields) as T;
}

/** What belongs to the bench and not to the thing, and how it is passed on: photographs, dates, how much there is and where it stands. */
const OF_BENCH: Partial<Record<PartKey, Loose>> = {
  pieces: { pictures: [], doneBy: null, archivedOn: null },
  bottles: { leftMl: null, openedOn: null, place: '' },
  strips: { have: 0, offcutsMm: [] },
  cutlists: { cutOn: null },
};

/** A thing without what belongs to this bench; its steps are pinned to no evening and dry in no place of the workshop. */
function withoutBench(key: PartKey, thing: Thing): Thing {
  const bare = { ...thing, ...OF_BENCH[key] };
  if (key !== 'pieces') return bare;
  const steps = (bare as PartLists['pieces'][number]).steps.map((step) => ({ ...step, pinnedAt: null, dryingPlace: null }));
  return { ...bare, steps } as Thing;
}

/** A thing of a file in the place of one's own, which keeps what belongs to the bench. */
const inPlaceOf = (key: PartKey, own: Thing, thing: Thing): Thing => ({
  ...thing,
  ...Object.fromEntries(Object.keys(OF_BENCH[key] ?? {}).map((field) => [field, (own as unknown as Record<string, unknown>)[field]])),
});

/**
 * One thing of a plan with all that it points to, to pass on.
 * @throws RangeError where the plan has no such thing.
 */
export function partOf(plan: PartLists, key: PartKey, id: string): PartFile {
  const taken = new Map<PartKey, Map<string, Thing>>(PART_KEYS.map((one) => [one, new Map()]));
  const take = (of: PartKey, wanted: string): string => {
    const thing = find(plan, of, wanted);
    if (thing && !taken.get(of)?.has(wanted)) {
      const own = withoutBench(of, thing);
      taken.get(of)?.set(wanted, own);
      withPointers(own, take);
    }
    return wanted;
  };
  if (!find(plan, key, id)) throw new RangeError(`id must be one of the ${key}, got '${id}'`);
  take(key, id);
  const lists = Object.fromEntries(PART_KEYS.map((one) => [one, [...(taken.get(one)?.values() ?? [])]])) as unknown as PartLists;
  return { format: PART_FORMAT, version: PLAN_VERSION, ...lists };
}

/** What is done with a thing of a file that is here already, and otherwise: this one stays, the file's takes its place, or the file's comes beside it. */
export const CHOICES = ['mine', 'theirs', 'both'] as const;
export type Choice = (typeof CHOICES)[number];

/** How a thing of a file stands to what is here. */
export interface Compared {
  key: PartKey;
  id: string;
  name: string;
  state: 'new' | 'same' | 'different';
}

/** The same text for the same thing, in whatever order its fields stand. */
const canonical = (value: unknown): string =>
  JSON.stringify(value, (_name, inside: unknown) =>
    typeof inside === 'object' && inside !== null && !Array.isArray(inside)
      ? Object.fromEntries(Object.entries(inside).sort(([a], [b]) => (a < b ? -1 : 1)))
      : inside,
  );

const nameOf = (thing: Thing): string => ('name' in thing && typeof thing.name === 'string' ? thing.name : thing.id);

/** Each thing of a file against what is here, as it would be passed on from here. */
export const compared = (plan: PartLists, part: PartLists): Compared[] =>
  PART_KEYS.flatMap((key) =>
    listIn(part, key).map((thing): Compared => {
      const own = find(plan, key, thing.id);
      const isSame = own !== undefined && canonical(withoutBench(key, own)) === canonical(thing);
      return { key, id: thing.id, name: nameOf(thing), state: own ? (isSame ? 'same' : 'different') : 'new' };
    }),
  );

/** What is chosen until the painter says otherwise: nothing of one's own is overwritten. */
export const usualChoice = (key: PartKey): Choice => (key === 'pieces' || key === 'finishes' ? 'both' : 'mine');

export const choiceKey = ({ key, id }: Pick<Compared, 'key' | 'id'>): string => `${key}/${id}`;

/** A bottle of somebody else is not on this shelf: it comes empty, and so stands on the list of what to buy. */
const asComes = (key: PartKey, thing: Thing): Thing => (key === 'bottles' ? ({ ...thing, leftMl: 0 } as Thing) : thing);

/**
 * What is to be written so that a file is added to a plan: what is new, and what is here and otherwise as it was chosen. What comes beside its like has an id
 * from `newId`, and all that comes with it points there; a mix whose number is taken has the next free one.
 */
export function additions(
  plan: PartLists,
  part: PartLists,
  choices: Readonly<Record<string, Choice | undefined>>,
  newId: () => string,
): PartLists {
  const wanted = compared(plan, part).flatMap((one) => {
    if (one.state === 'same') return [];
    const choice = one.state === 'new' ? 'theirs' : (choices[choiceKey(one)] ?? usualChoice(one.key));
    return choice === 'mine' ? [] : [{ ...one, choice }];
  });
  const renamed = new Map(wanted.filter(({ choice }) => choice === 'both').map((one) => [choiceKey(one), newId()]));
  const idOf = (key: PartKey, id: string): string => renamed.get(choiceKey({ key, id })) ?? id;
  const taken = new Set(plan.mixes.map(({ number }) => number));
  const numbered = (key: PartKey, thing: Thing): Thing => {
    if (key !== 'mixes') return thing;
    const mix = thing as PartLists['mixes'][number];
    const own = plan.mixes.find(({ id }) => id === mix.id);
    const number = own?.number ?? (taken.has(mix.number) ? Math.max(0, ...taken) + 1 : mix.number);
    taken.add(number);
    return { ...mix, number } as Thing;
  };
  const lists = PART_KEYS.map((key) => [
    key,
    wanted.flatMap((one) => {
      const thing = one.key === key ? find(part, key, one.id) : undefined;
      if (!thing) return [];
      const own = find(plan, key, one.id);
      const come = own && one.choice === 'theirs' ? inPlaceOf(key, own, thing) : asComes(key, thing);
      const named = one.choice === 'both' ? { ...come, id: idOf(key, one.id), name: `${one.name.slice(0, 110)} (2)` } : come;
      return [numbered(key, withPointers(named, idOf))];
    }),
  ]);
  return Object.fromEntries(lists) as PartLists;
}

/** Whether a file says of itself that it holds one thing that was passed on. */
export const isPartFile = (file: unknown): boolean => isObject(file) && file['format'] === PART_FORMAT;

/** What a list is called where its things are told. */
export const partWords = (key: PartKey): string => keptListOf(key).words ?? keptListOf(key).one;

/** A file with one thing as one of this version; anything else as it came. */
export function upgradedPart(file: unknown): unknown {
  const next = upgraded(file);
  if (!isObject(next) || !isObject(file) || 'log' in file) return next;
  // whole plans get a log on their way up; there is none in a part
  const { log: _log, ...part } = next;
  return part;
}
