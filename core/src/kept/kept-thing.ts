import type { Supplies } from '../materials/index.js';
import type { PlanFault } from './fault.js';

/** What a kept thing may point to outside itself. */
export interface Surroundings {
  supplies: Supplies;
  /** Ids of the painter's mixes. */
  mixes: ReadonlySet<string>;
  /** Ids of the workshop's drying places. */
  places: ReadonlySet<string>;
  /** Ids of the pieces. */
  pieces: ReadonlySet<string>;
  /** Ids of the kinds of strip. */
  strips: ReadonlySet<string>;
}

/** A thing as an older file has it: nothing is known of its fields. */
export type Loose = Record<string, unknown>;

/**
 * How a thing of an older plan file is brought up, by the version it comes from. What is filled in is what was meant then: it stands here in full, and
 * does not follow a default that may change.
 */
export type Upgrade = (thing: Loose) => Loose;
export type Upgrades = Partial<Record<number, Upgrade>>;

/** Lists that others point to, or that point to others. */
type ListName = 'materials' | 'bottles' | 'mixes' | 'pieces' | 'strips';

interface Kept<T> {
  /** The first version of the plan file that has it; older files have none. */
  since: number;
  /** The same so many days later: what hangs on an anchor moves with it. */
  moved: (thing: T, days: number) => T;
  upgrades: Upgrades;
}

/** What is there once. */
export interface KeptOne<T> extends Kept<T> {
  /** Until something else is said. */
  usual: T;
  /** What makes no sense although each field by itself does. */
  faults: (path: string, thing: T) => Iterable<PlanFault>;
}

/** Things of one kind, any number of them. Everything that is true of the kind wherever it is kept is said here: in the plan file, on the server, in the page. */
export interface KeptList<T extends { id: string }, One extends string> extends Kept<T> {
  /** What one is called in requests and answers: `{ version, bottle }`. */
  one: One;
  /** What one is called in messages, where that is another word. */
  words?: string;
  /** So many fit into a plan file. */
  most: number;
  /** What of its surroundings it points to. */
  pointsTo: readonly (ListName | 'places')[];
  /** Lists whose things lose what pointed to one when it is deleted; said only where it is not kept from being deleted by them. */
  loses: readonly ListName[];
  /** What one points to that is not there, and what makes no sense. `path` names it in the messages. */
  faults: (path: string, thing: T, around: Surroundings) => Iterable<PlanFault>;
  /** What does not go together although each by itself is sound; ids that occur twice are found for all. */
  faultsTogether?: (path: string, things: readonly T[]) => Iterable<PlanFault>;
}

/** Keeps the types of a declaration as narrow as they are written. */
export const keptList = <T extends { id: string }, One extends string>(declaration: KeptList<T, One>): KeptList<T, One> => declaration;

export const isObject = (value: unknown): value is Loose => typeof value === 'object' && value !== null && !Array.isArray(value);

/** Changes each object of a list of an older file; what is no list, or no object, stays as it came and is refused later. */
export const each = (list: unknown, change: (thing: Loose) => Loose): unknown =>
  Array.isArray(list) ? list.map((thing: unknown) => (isObject(thing) ? change(thing) : thing)) : list;
