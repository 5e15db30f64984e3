import type { PlanFault } from '@eveningtide/core/kept';
import { shown } from './shown.js';

/** Nothing that is kept is nested half as deep. */
const MOST_DEEP = 24;
/** Names that every object has by itself: as a field of a body they would be taken for what they are not. */
const RESERVED = new Set([...Object.getOwnPropertyNames(Object.prototype), 'prototype']);
const LONGEST_KEY_SHOWN = 60;

const isBox = (value: unknown): value is object => typeof value === 'object' && value !== null;

function placeOf(path: string, key: string | number): string {
  if (typeof key === 'number') return `${path}[${String(key)}]`;
  const name = key.slice(0, LONGEST_KEY_SHOWN).toWellFormed();
  return path === '' ? name : `${path}.${name}`;
}

function textFault(path: string, text: string): PlanFault | null {
  if (text.includes('\u0000'))
    return { path, value: shown(text.replaceAll('\u0000', '\\u0000')), allowed: 'text without the character U+0000' };
  if (!text.isWellFormed())
    return { path, value: shown(text.toWellFormed()), allowed: 'whole characters: half of one (a lone surrogate) stands in it' };
  return null;
}

/**
 * What no body may hold, whatever it is for: nesting without end, names that every object has by itself, text that cannot be kept as it is. Asked before
 * anything else looks into a body; it does not recurse.
 */
export function* plainFaults(body: unknown): Generator<PlanFault> {
  const open: { value: unknown; path: string; depth: number }[] = [{ value: body, path: '', depth: 0 }];
  for (let next = open.pop(); next; next = open.pop()) {
    const { value, path, depth } = next;
    if (typeof value === 'string') {
      const fault = textFault(path, value);
      if (fault) yield fault;
    }
    if (!isBox(value)) continue;
    if (depth >= MOST_DEEP) {
      yield { path, value: shown(value), allowed: `at most ${String(MOST_DEEP)} levels of nesting` };
      continue;
    }
    const inner: typeof open = [];
    for (const [key, content] of Array.isArray(value) ? value.entries() : Object.entries(value)) {
      const at = placeOf(path, key);
      if (typeof key === 'string' && RESERVED.has(key)) yield { path: at, value: shown(content), allowed: 'no such field' };
      else if (typeof content === 'string' || isBox(content)) inner.push({ value: content, path: at, depth: depth + 1 });
    }
    // the first field comes to the top
    while (inner.length > 0) open.push(inner.pop() as (typeof open)[number]);
  }
}
