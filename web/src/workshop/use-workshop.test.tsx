import { afterEach, beforeEach, expect, jest, test } from '@jest/globals';
import { DEFAULT_WORKSHOP, type Workshop } from '@eveningtide/core/schedule';
import { act, screen, waitFor } from '@testing-library/react';
import { FakeServer } from '../testing/fake-server.js';
import { showPage } from '../testing/page.js';
import { useWorkshop } from './use-workshop.js';

const at = (version: number, change: Partial<Workshop> = {}) => ({ body: { version, workshop: { ...DEFAULT_WORKSHOP, ...change } } });
const STALE = { status: 409, body: { error: 'stale', message: 'it was changed' } };
const SAVE = 'PUT /api/workshop';
const READ = 'GET /api/workshop';

function Editor() {
  const { state, workshop, change } = useWorkshop();
  return (
    <>
      <p role="note">
        {state}, clean {String(workshop?.airbrushCleanMin)}
      </p>
      <button
        type="button"
        onClick={() => {
          change({ airbrushCleanMin: 9 });
        }}
      >
        Nine
      </button>
    </>
  );
}

const opened = async (...reads: ReturnType<typeof at>[]) => {
  const server = new FakeServer();
  server.answer(READ, ...reads);
  showPage(<Editor />);
  await screen.findByText(/^saved, clean \d/);
  return server;
};
const nine = () =>
  act(() => {
    screen.getByRole('button', { name: 'Nine' }).click();
  });
const later = (ms: number) => act(() => jest.advanceTimersByTimeAsync(ms));

beforeEach(() => {
  jest.useFakeTimers({ advanceTimers: true });
});
afterEach(() => {
  jest.useRealTimers();
});

test('what meets an old version only is saved from the one that is there', async () => {
  // an answer that came late has put an old version in its place
  const server = await opened(at(3), at(4));
  server.answer(SAVE, STALE, at(5, { airbrushCleanMin: 9 }));
  nine();
  await later(700);
  await later(700);
  await waitFor(() => expect(screen.getByRole('note').textContent).toBe('saved, clean 9'));
  expect(server.sent('PUT').map(({ body }) => (body as { version: number }).version)).toEqual([3, 4]);
});

test('what was really changed elsewhere is shown, and said', async () => {
  const server = await opened(at(3), at(4, { airbrushCleanMin: 2 }));
  server.answer(SAVE, STALE);
  nine();
  await later(700);
  await screen.findByText('The workshop was changed elsewhere');
  await waitFor(() => expect(screen.getByRole('note').textContent).toContain('clean 2'));
  expect(server.sent('PUT')).toHaveLength(1);
});
