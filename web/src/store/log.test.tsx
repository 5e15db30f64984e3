import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { plainEntry } from '@eveningtide/core/log';
import { act, screen, waitFor } from '@testing-library/react';
import { useEffect } from 'react';
import { FakeServer } from '../testing/fake-server.js';
import { showPage } from '../testing/page.js';
import { useLog, useSendLog, useWriteLog } from './log.js';

const entry = (id: string, note = '') => plainEntry({ id, kind: 'note', pieceId: 'van', startedAt: '2026-11-24T19:30:00', note });

const hands: { write: ReturnType<typeof useWriteLog> | null } = { write: null };
function Bench() {
  useSendLog();
  const writing = useWriteLog();
  useEffect(() => {
    hands.write = writing;
  }, [writing]);
  return <output>{(useLog() ?? []).map(({ id, note }) => `${id} ${note}`.trim()).join(', ')}</output>;
}

const shown = async (server = new FakeServer()) => {
  const page = showPage(<Bench />);
  await waitFor(() => expect(server.sent('GET').map(({ path }) => path)).toContain('/api/log'));
  return { server, ...page };
};
const words = () => screen.getByRole('status').textContent;

beforeEach(() => {
  localStorage.clear();
  jest.useFakeTimers({ advanceTimers: true });
});
afterEach(() => {
  jest.useRealTimers();
});

describe('what is written to the log', () => {
  test('is seen at once, sent, and kept by nobody but the server when it is confirmed', async () => {
    const { server, store } = await shown();
    server.answer('PUT /api/log/a', { body: { version: 1, entry: entry('a') } });
    act(() => {
      hands.write?.write(entry('a'));
    });
    expect(words()).toBe('a');
    await waitFor(() => expect(store.getState().outbox).toEqual([]));
    expect(server.sent('PUT')[0]?.body).toEqual({ version: 0, entry: entry('a') });
    expect(words()).toBe('a');
    expect(Object.keys(localStorage).filter((key) => key.startsWith('eveningtide.outbox'))).toEqual([]);
  });

  test('is sent again and again until an answer comes', async () => {
    const { server, store } = await shown();
    server.answer(
      'PUT /api/log/a',
      'no answer',
      { status: 503, body: { error: 'busy', message: 'busy' } },
      { body: { version: 1, entry: entry('a') } },
    );
    act(() => {
      hands.write?.write(entry('a'));
    });
    await waitFor(() => expect(server.sent('PUT')).toHaveLength(1));
    expect(store.getState().outbox).toHaveLength(1);
    for (const count of [2, 3]) {
      await act(() => jest.advanceTimersByTimeAsync(2100));
      await waitFor(() => expect(server.sent('PUT')).toHaveLength(count));
    }
    await waitFor(() => expect(store.getState().outbox).toEqual([]));
  });

  test('is sent from the version that is known, the newest word only', async () => {
    const { server, store } = await shown(new FakeServer({ log: [{ version: 4, entry: entry('a') }] }));
    server.answer('PUT /api/log/a', { body: { version: 5, entry: entry('a', 'second') } });
    act(() => {
      hands.write?.write(entry('a', 'first'));
      hands.write?.write(entry('a', 'second'));
    });
    await waitFor(() => expect(store.getState().outbox).toEqual([]));
    expect(server.sent('PUT').at(-1)?.body).toEqual({ version: 4, entry: entry('a', 'second') });
    expect(words()).toBe('a second');
  });

  test('that another screen has written already is let go, and told', async () => {
    const { server, store } = await shown();
    server.answer('PUT /api/log/a', { status: 409, body: { error: 'stale', message: 'elsewhere' } });
    server.answer('GET /api/log', { body: [{ version: 1, entry: entry('theirs') }] });
    act(() => {
      hands.write?.write(entry('a'));
    });
    expect(await screen.findByText('That was written on another screen already')).toBeTruthy();
    await waitFor(() => expect(words()).toBe('theirs'));
    expect(store.getState().outbox).toEqual([]);
  });

  test('is taken back; what was never sent needs no answer', async () => {
    const { server, store } = await shown(new FakeServer({ log: [{ version: 4, entry: entry('a') }] }));
    server.answer('DELETE /api/log/a', { status: 204 });
    act(() => {
      hands.write?.takeBack('a');
      hands.write?.takeBack('never');
    });
    expect(words()).toBe('');
    await waitFor(() => expect(store.getState().outbox).toEqual([]));
    expect(server.sent('DELETE').map(({ path }) => path)).toEqual(['/api/log/a']);
  });

  test('that the page was closed over is sent when it is opened again', async () => {
    localStorage.setItem('eveningtide.outbox.a', JSON.stringify({ id: 'a', entry: entry('a') }));
    const server = new FakeServer();
    server.answer('PUT /api/log/a', { body: { version: 1, entry: entry('a') } });
    const { store } = await shown(server);
    await waitFor(() => expect(store.getState().outbox).toEqual([]));
    expect(server.sent('PUT')).toHaveLength(1);
  });
});
