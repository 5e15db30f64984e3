import { describe, expect, test } from '@jest/globals';
import { LIST_KEYS, keptListOf } from '@eveningtide/core/kept';
import { api } from './api.js';
import { LISTED, LISTS, TAGS, calledOf, changed } from './kept-lists.js';

describe('the lists of the page', () => {
  test('are those of the register, called the same', () => {
    expect([...LISTS].sort()).toEqual([...LIST_KEYS].sort());
    for (const key of LIST_KEYS) expect([LISTED[key].one, LISTED[key].loses]).toEqual([keptListOf(key).one, keptListOf(key).loses]);
  });

  test.each(LIST_KEYS)('%s: read again when they have changed, saved and deleted by hooks of their own', (key) => {
    const one = keptListOf(key).one.replace(/^./, (letter) => letter.toUpperCase());
    expect(TAGS).toContain(key);
    expect(Object.keys(api.endpoints)).toEqual(expect.arrayContaining([key, `save${one}`, `delete${one}`]));
    expect(Object.keys(api)).toEqual(expect.arrayContaining([`useSave${one}Mutation`, `useDelete${one}Mutation`]));
  });

  test('what was deleted is called by its kind', () => {
    expect(calledOf('material')).toBe('Own material');
  });
});

describe('a list that is changed in place', () => {
  const row = (id: string, version = 1) => ({ version, entry: { id } });

  test('what was known is replaced where it stands, what is new goes to the end, what is gone leaves', () => {
    const list: object[] = [row('a'), row('b')];
    changed('log', 'a', row('a', 2))(list);
    changed('log', 'c', row('c'))(list);
    expect(list).toEqual([row('a', 2), row('b'), row('c')]);
    changed('log', 'b', null)(list);
    changed('log', 'nobody', null)(list);
    expect(list).toEqual([row('a', 2), row('c')]);
  });
});
