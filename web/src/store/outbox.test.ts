import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { plainEntry, type LogEntry } from '@eveningtide/core/log';
import { merged } from './merged.js';
import { keepOutbox, outboxActions, outboxChange, outboxReducer, storedOutbox, type Unsent } from './outbox.js';
import { put, storage } from '../testing/storage.js';

const entry = (id: string, at: string, more: Partial<LogEntry> = {}): LogEntry =>
  plainEntry({ id, kind: 'note', pieceId: 'van', startedAt: `2026-11-24T${at}:00`, ...more });
const stored = (one: LogEntry, version = 1) => ({ version, entry: one });
const written = (state: readonly Unsent[], one: Unsent): Unsent[] => outboxReducer([...state], outboxActions.written(one));

describe('the outbox', () => {
  const first = entry('a', '19:30');
  const second = entry('b', '19:40');

  test('the newest word on an entry replaces the one that was not sent', () => {
    const once = written(written([], { id: 'a', entry: first }), { id: 'b', entry: second });
    const changed = { ...first, note: 'Soapy' };
    expect(written(once, { id: 'a', entry: changed })).toEqual([
      { id: 'b', entry: second },
      { id: 'a', entry: changed },
    ]);
  });

  test('what is confirmed goes; what was written meanwhile stays', () => {
    const sent = { id: 'a', entry: first };
    const newer = { id: 'a', entry: { ...first, note: 'Soapy' } };
    expect(outboxReducer([sent], outboxActions.settled(sent))).toEqual([]);
    expect(outboxReducer([newer], outboxActions.settled(sent))).toEqual([newer]);
  });

  test('what was written lies on top of what is stored, in the order of the evening', () => {
    const changed = { ...second, note: 'Again' };
    expect(merged([stored(first), stored(second, 3)], [{ id: 'b', entry: changed }])).toEqual([first, changed]);
    const between = entry('c', '19:35');
    expect(merged([stored(first), stored(second)], [{ id: 'c', entry: between }]).map(({ id }) => id)).toEqual(['a', 'c', 'b']);
    expect(merged([stored(first), stored(second)], [{ id: 'a', entry: null }])).toEqual([second]);
    expect(merged([stored(first)], [{ id: 'gone', entry: null }])).toEqual([first]);
  });
});

describe('what is kept of the outbox', () => {
  beforeEach(() => put(storage()));
  afterEach(() => put(undefined));
  const one = (id: string, note = ''): Unsent => ({ id, entry: entry(id, '19:30', { note }) });

  test('two tabs that write never overwrite each other', () => {
    const [a, b] = [one('a'), one('b')];
    keepOutbox([], [a]);
    keepOutbox([], [b]);
    expect(storedOutbox()).toEqual([a, b]);
    keepOutbox([a], []);
    expect(storedOutbox()).toEqual([b]);
  });

  test('what is settled here is not forgotten where another tab has a newer word on it', () => {
    const [first, newer] = [one('a'), one('a', 'Soapy')];
    keepOutbox([], [first]);
    keepOutbox([], [newer]);
    keepOutbox([first], []);
    expect(storedOutbox()).toEqual([newer]);
  });

  test('what was kept in one list before comes over', () => {
    localStorage.setItem('eveningtide.outbox', JSON.stringify([one('a')]));
    localStorage.setItem('eveningtide.outbox.spoilt', '{ no');
    expect(storedOutbox()).toEqual([one('a')]);
    keepOutbox([], storedOutbox());
    expect(localStorage.getItem('eveningtide.outbox')).toBeNull();
    expect(storedOutbox()).toEqual([one('a')]);
  });

  test('what another tab does is known here', () => {
    const text = JSON.stringify(one('a'));
    expect(outboxChange('eveningtide.outbox.a', null, text)).toEqual(outboxActions.written(one('a')));
    expect(outboxChange('eveningtide.outbox.a', text, null)).toEqual(outboxActions.settled(one('a')));
    expect(outboxChange('eveningtide.cup', null, text)).toBeNull();
    expect(outboxChange('eveningtide.outbox.a', '{ no', '{ no')).toBeNull();
  });
});
