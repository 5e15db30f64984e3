import { beforeEach, describe, expect, test } from '@jest/globals';
import { plainEntry } from '@eveningtide/core/log';
import { act, screen, waitFor } from '@testing-library/react';
import { FakeServer } from '../testing/fake-server.js';
import { showPage } from '../testing/page.js';
import { useBottlesQuery, useLogQuery } from './api.js';
import { SCREEN } from './ask.js';
import { stateIs } from './in-step.js';
import { useLive } from './live.js';

/** The line from the server, which a test speaks into. */
class FakeLine extends EventTarget {
  static last: FakeLine;
  static readonly CLOSED = 2;
  readyState = 1;
  constructor() {
    super();
    FakeLine.last = this;
  }
  say(type: string, data: object): void {
    act(() => {
      this.dispatchEvent(new MessageEvent(type, { data: JSON.stringify(data) }));
    });
  }
  close(): void {
    this.readyState = FakeLine.CLOSED;
  }
}

const entry = (id: string, note = '') => plainEntry({ id, kind: 'note', pieceId: 'van', startedAt: '2026-11-24T19:30:00', note });

function Page() {
  useLive();
  useBottlesQuery();
  const { data: log } = useLogQuery();
  return <output>{log?.map((one) => `${one.entry.id} ${one.entry.note}`.trim()).join(', ')}</output>;
}

const shown = async () => {
  Object.defineProperty(globalThis, 'EventSource', { value: FakeLine, configurable: true });
  const server = new FakeServer({ log: [{ version: 1, entry: entry('a') }] });
  const page = showPage(<Page />);
  await waitFor(() => expect(screen.getByRole('status').textContent).toBe('a'));
  const asked = (name: string) => server.sent('GET').filter(({ path }) => path === `/api/${name}`).length;
  return { server, asked, ...page };
};
const words = () => screen.getByRole('status').textContent;

beforeEach(() => {
  stateIs('run.1');
});

describe('what other screens change', () => {
  test('is read again, and nothing else', async () => {
    const { asked } = await shown();
    FakeLine.last.say('hello', { state: 'run.1', wall: '2026-11-24T19:30:00' });
    FakeLine.last.say('changed', { what: ['bottles'], by: 'other', state: 'run.2', log: null });
    await waitFor(() => expect(asked('bottles')).toBe(2));
    expect(asked('log')).toBe(1);
  });

  test('this screen’s own changes are not read again', async () => {
    const { asked } = await shown();
    FakeLine.last.say('changed', { what: ['bottles'], by: SCREEN, state: 'run.2', log: null });
    await act(() => new Promise((resolve) => setTimeout(resolve, 50)));
    expect(asked('bottles')).toBe(1);
  });

  test('an entry of the log comes with the word of it; one that was taken back goes', async () => {
    const { asked } = await shown();
    FakeLine.last.say('changed', { what: [], by: 'other', state: 'run.2', log: { id: 'b', stored: { version: 1, entry: entry('b') } } });
    await waitFor(() => expect(words()).toBe('a, b'));
    FakeLine.last.say('changed', {
      what: [],
      by: 'other',
      state: 'run.3',
      log: { id: 'a', stored: { version: 2, entry: entry('a', 'more') } },
    });
    await waitFor(() => expect(words()).toBe('a more, b'));
    FakeLine.last.say('changed', { what: [], by: 'other', state: 'run.4', log: { id: 'b', stored: null } });
    await waitFor(() => expect(words()).toBe('a more'));
    expect(asked('log')).toBe(1);
  });

  test('what was missed while the line was not open is read when it opens', async () => {
    const { asked } = await shown();
    FakeLine.last.say('hello', { state: 'run.7', wall: '2026-11-24T19:30:00' });
    await waitFor(() => expect([asked('bottles'), asked('log')]).toEqual([2, 2]));
    // and once is enough
    FakeLine.last.say('hello', { state: 'run.7', wall: '2026-11-24T19:30:00' });
    await act(() => new Promise((resolve) => setTimeout(resolve, 50)));
    expect(asked('bottles')).toBe(2);
  });
});
