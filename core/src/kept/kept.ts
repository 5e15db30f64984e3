import { bottles } from './bottles.js';
import { cutlists } from './cutlists.js';
import { finishes } from './finishes.js';
import type { KeptList } from './kept-thing.js';
import { loads } from './loads.js';
import { log } from './log.js';
import { materials } from './materials.js';
import { mixes } from './mixes.js';
import { pieces } from './pieces.js';
import { plantings } from './plantings.js';
import { shapes } from './shapes.js';
import { strips } from './strips.js';
import { workshop } from './workshop.js';

/**
 * Everything of the painter's that is kept in any number, in the order of the plan file: what points to something stands after it. Plan file, tables, requests,
 * what other screens are told and the lists of the page follow from this register.
 */
export const KEPT_LISTS = { materials, bottles, mixes, finishes, strips, cutlists, loads, plantings, shapes, pieces, log };

/** Of the plan file. It goes up when something is added to the register, or when what stands in it changes its fields. */
export const PLAN_VERSION = 14;

/** What is kept once. */
export const KEPT_ONES = { workshop };

export type ListKey = keyof typeof KEPT_LISTS;
export type ThingOf<K extends ListKey> = (typeof KEPT_LISTS)[K] extends KeptList<infer T, string> ? T : never;
/** What one of a list is called in requests and answers. */
export type OneOf<K extends ListKey> = (typeof KEPT_LISTS)[K]['one'];

export const LIST_KEYS = Object.keys(KEPT_LISTS) as ListKey[];

/** The declaration of a list of which only is known that it is one. */
export const keptListOf = (key: ListKey): KeptList<{ id: string }, string> =>
  KEPT_LISTS[key] as unknown as KeptList<{ id: string }, string>;

/** What one of a list is called in messages. */
export const wordsOf = (key: ListKey): string => keptListOf(key).words ?? keptListOf(key).one;

/** One as it is kept, with its version: `{ version, bottle }`. */
export type Stored<K extends ListKey> = { version: number } & { [One in OneOf<K>]: ThingOf<K> };
