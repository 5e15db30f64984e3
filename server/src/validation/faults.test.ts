import 'reflect-metadata';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  Between,
  Clock,
  Colour,
  Day,
  Id,
  Ids,
  ListOf,
  LocalDateTime,
  Name,
  OneOf,
  OneWord,
  OrNull,
  Text,
  Whole,
  Words,
  YesNo,
} from './rules.js';
import { FaultsException, checkShape } from './faults.js';

class Inner {
  @Whole(1, 3) rounds: number;
}

class Everything {
  @Id() id: string;
  @Ids(2) zones: string[];
  @Name() name: string;
  @Text() note: string;
  @Between(0, 1) strength: number;
  @YesNo() daylight: boolean;
  @OneWord(['down', 'up']) direction: string;
  @Colour() colour: string;
  @Day() day: string;
  @Clock() clock: string;
  @LocalDateTime() at: string;
  @OrNull() @Day() maybe: string | null;
  @OneOf(() => Inner) inner: Inner;
  @ListOf(() => Inner, 2) list: Inner[];
  @Words(2) words: string[];
}

const good = {
  id: 'a-1',
  zones: ['all'],
  name: 'Van',
  note: '',
  strength: 0.5,
  daylight: false,
  direction: 'up',
  colour: '#AAbb00',
  day: '2026-11-24',
  clock: '19:30',
  at: '2026-11-24T19:30',
  maybe: null,
  inner: { rounds: 1 },
  list: [{ rounds: 2 }],
  words: ['number'],
};

/** Path, value and what is allowed of each fault; none when the object passes. */
function faults(change: object): [string, string, string][] {
  try {
    checkShape(Everything, { ...good, ...change });
    return [];
  } catch (error) {
    if (!(error instanceof FaultsException)) throw error;
    return error.faults.map(({ path, value, allowed }) => [path, value, allowed]);
  }
}

describe('rules of fields', () => {
  test('what is right passes', () => {
    expect(faults({})).toEqual([]);
    expect(faults({ maybe: '2026-02-28' })).toEqual([]);
  });

  test.each<[object, string, string, string]>([
    [{ id: 'has space' }, 'id', 'has space', 'an id of 1–64'],
    [{ zones: [] }, 'zones', '[]', 'at least one id'],
    [{ zones: ['a', 'b', 'c'] }, 'zones', '["a","b","c"]', 'at most 2 ids'],
    [{ zones: 'all' }, 'zones', 'all', 'ids'],
    [{ name: 7 }, 'name', '7', 'text'],
    [{ name: 'x'.repeat(200) }, 'name', 'x'.repeat(60), 'at most 120 characters'],
    [{ strength: '0.5' }, 'strength', '0.5', ''],
    [{ strength: -0.1 }, 'strength', '-0.1', '0 or more'],
    [{ strength: null }, 'strength', 'null', ''],
    [{ daylight: 'no' }, 'daylight', 'no', 'true or false'],
    [{ direction: 'left' }, 'direction', 'left', 'one of down, up'],
    [{ colour: 'red' }, 'colour', 'red', 'a colour as #rrggbb'],
    [{ day: '2026-13-01' }, 'day', '2026-13-01', 'a day as YYYY-MM-DD'],
    [{ clock: '25:00' }, 'clock', '25:00', 'a time as HH:mm'],
    [{ at: '2026-11-24 19:30' }, 'at', '2026-11-24 19:30', 'YYYY-MM-DDTHH:mm'],
    [{ maybe: 'soon' }, 'maybe', 'soon', 'a day'],
    [{ inner: { rounds: 4 } }, 'inner.rounds', '4', '3 or less'],
    [{ inner: { rounds: 1, extra: 1 } }, 'inner.extra', '1', 'no such field'],
    [{ list: [{ rounds: 1 }, { rounds: 0.5 }] }, 'list[1].rounds', '0.5', ''],
    [{ list: [{ rounds: 1 }, { rounds: 1 }, { rounds: 1 }] }, 'list', '[{"rounds":1}', 'at most 2 entries'],
    [{ words: ['a', 3] }, 'words', '["a",3]', ''],
    [{ extra: true }, 'extra', 'true', 'no such field'],
  ])('%p', (change, path, value, allowed) => {
    const [fault] = faults(change).filter(([where]) => where === path);
    expect(fault).toBeDefined();
    expect(fault?.[1]).toContain(value);
    expect(fault?.[2]).toContain(allowed);
  });

  test.each([null, [], 'text', 7])('%p is no object', (value) => {
    expect(() => checkShape(Everything, value)).toThrow('allowed: an object');
  });

  test('every fault is told at once', () => {
    expect(faults({ id: '', strength: 9, clock: 'noon' })).toHaveLength(3);
  });
});

describe('what no body may hold', () => {
  const nested = (deep: number, list: boolean): unknown => {
    let value: unknown = 1;
    for (let i = 0; i < deep; i++) value = list ? [value] : { a: value };
    return value;
  };
  const first = (change: object) => faults(change)[0];

  test.each([true, false])('nesting without end (lists: %p), at its place', (list) => {
    expect(first({ inner: nested(20_000, list) })?.[2]).toBe('at most 24 levels of nesting');
    expect(first({ inner: nested(20_000, list) })?.[0]).toMatch(/^inner/);
  });

  test.each(['__proto__', 'constructor', '__defineGetter__', 'hasOwnProperty'])('a field named %s', (name) => {
    const given = JSON.parse(`{"${name}":{"polluted":true}}`) as object;
    const change = { inner: Object.defineProperty({ rounds: 1 }, name, { value: given, enumerable: true }) };
    expect(first(change)).toEqual([`inner.${name}`, expect.any(String), 'no such field']);
    expect(({} as Record<string, unknown>)['polluted']).toBeUndefined();
  });

  test.each([
    ['a\u0000b', 'a\\u0000b', 'without the character U+0000'],
    ['x\ud800y', 'x\ufffdy', 'whole characters'],
    ['\udc00', '\ufffd', 'whole characters'],
  ])('text %j', (note, value, allowed) => {
    const [path, shown, words] = first({ note }) ?? [];
    expect([path, shown]).toEqual(['note', value]);
    expect(words).toContain(allowed);
  });

  test('other scripts, emoji and control characters may', () => {
    expect(faults({ note: '👩‍🏭 漆 \u0001\u202e', name: 'Краска' })).toEqual([]);
  });

  test.each([[[[]]], [[null]], [['x']], [{ list: [] }]])('a list that holds %j where objects belong', (list) => {
    expect(first({ list })?.[2]).toMatch(/an object|a list/);
  });

  test('a number that is none, and days that no plan can reckon with', () => {
    expect(first({ strength: Infinity })?.[0]).toBe('strength');
    for (const day of ['9999-12-31', '0001-01-01', '2026-02-30', '-000001-01-01'])
      expect(first({ day })?.[2]).toContain('from 1950-01-01 to 2099-12-31');
    expect(first({ at: '2100-01-01T19:30' })?.[0]).toBe('at');
  });

  test('fifty faults are told at most, and no more is looked for', () => {
    const list = Array.from({ length: 2 }, () => ({}));
    expect(faults({ list }).length).toBeLessThanOrEqual(50);
    class Many {
      @ListOf(() => Inner, 100_000) list: Inner[];
    }
    let asked = 0;
    const counting = Array.from({ length: 100_000 }, () => ({
      get rounds() {
        asked += 1;
        return 0;
      },
    }));
    expect(() => checkShape(Many, { list: counting })).toThrow(FaultsException);
    // each is looked at once for what no body may hold; only the first fifty are checked
    expect(asked).toBeLessThan(110_000);
  });

  test('whatever comes, it is refused with faults or passes: nothing else is thrown', () => {
    fc.assert(
      fc.property(fc.record(Object.fromEntries(Object.keys(good).map((key) => [key, fc.anything({ withNullPrototype: true })]))), (any) => {
        for (const [path, value, allowed] of faults(any))
          expect([typeof path, typeof value, allowed !== '']).toEqual(['string', 'string', true]);
      }),
      { numRuns: 300 },
    );
  });
});
