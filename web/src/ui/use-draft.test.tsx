import { afterEach, beforeEach, expect, jest, test } from '@jest/globals';
import { act, screen, waitFor } from '@testing-library/react';
import { useState } from 'react';
import { FakeServer } from '../testing/fake-server.js';
import { showPage } from '../testing/page.js';
import { useDraft, type Kept } from './use-draft.js';

interface Note {
  name: string;
}
/** What is stored by the time it is read again. */
let elsewhere: Kept<Note>;
const save = jest.fn<(sent: Kept<Note>) => Promise<Kept<Note>>>();

function Editor() {
  const [kept, setKept] = useState<Kept<Note>>({ version: 3, thing: { name: 'old' } });
  const { thing, state, change, undo } = useDraft({
    kept,
    save: async (sent) => {
      const answer = await save(sent);
      setKept(answer);
      return answer;
    },
    readAgain: () => {
      setKept(elsewhere);
      return Promise.resolve(elsewhere);
    },
    called: 'The list',
  });
  const press = (name: string) => (
    <button
      type="button"
      onClick={() => {
        change({ name });
      }}
    >
      {name}
    </button>
  );
  return (
    <>
      <p role="note">
        {thing?.name}, {state}
      </p>
      {press('one')}
      {press('two')}
      <button type="button" disabled={undo === null} onClick={() => undo?.()}>
        Undo
      </button>
    </>
  );
}

const press = (name: string) =>
  act(() => {
    screen.getByRole('button', { name }).click();
  });
const later = (ms: number) => act(() => jest.advanceTimersByTimeAsync(ms));
const note = () => screen.getByRole('note').textContent;

beforeEach(() => {
  jest.useFakeTimers({ advanceTimers: true });
  elsewhere = { version: 4, thing: { name: 'theirs' } };
  save.mockReset();
  save.mockImplementation(({ version, thing }) => Promise.resolve({ version: version + 1, thing }));
  new FakeServer();
  showPage(<Editor />);
});
afterEach(() => {
  jest.useRealTimers();
});

test('what is changed is shown at once and saved once, a moment after the last change', async () => {
  press('one');
  press('two');
  expect(note()).toBe('two, unsaved');
  await later(700);
  await waitFor(() => expect(note()).toBe('two, saved'));
  expect(save.mock.calls).toEqual([[{ version: 3, thing: { name: 'two' } }]]);
});

test('a change is taken back, and that is saved too', async () => {
  press('one');
  await later(1500);
  press('two');
  await later(1500);
  press('Undo');
  expect(note()).toBe('one, unsaved');
  press('Undo');
  await later(700);
  await waitFor(() => expect(note()).toBe('old, saved'));
  expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Undo' }).disabled).toBe(true);
});

test('what was not answered is told and sent again; what is typed meanwhile stays', async () => {
  save.mockRejectedValueOnce({ status: 'FETCH_ERROR', error: 'away' });
  press('one');
  await later(700);
  await waitFor(() => expect(note()).toBe('one, offline'));
  await later(3100);
  await waitFor(() => expect(note()).toBe('one, saved'));
  expect(save).toHaveBeenCalledTimes(2);
});

test('what was changed elsewhere is shown, and said; what is refused stays to be put right', async () => {
  save.mockRejectedValueOnce({ status: 400, data: { error: 'faults', message: 'no such name' } });
  press('one');
  await later(700);
  await screen.findByText('The list was not saved');
  await later(4000);
  expect([note(), save.mock.calls.length]).toEqual(['one, failed', 1]);
  save.mockRejectedValueOnce({ status: 409, data: { error: 'stale', message: 'it was changed' } });
  press('two');
  await later(700);
  await screen.findByText('The list was changed elsewhere');
  await waitFor(() => expect(note()).toBe('theirs, saved'));
});

test('where only the version was an older one, what was typed is saved from the newer one', async () => {
  elsewhere = { version: 9, thing: { name: 'old' } };
  save.mockRejectedValueOnce({ status: 409, data: { error: 'stale', message: 'it was changed' } });
  press('one');
  await later(700);
  await later(700);
  await waitFor(() => expect(note()).toBe('one, saved'));
  expect(save.mock.calls.map(([{ version }]) => version)).toEqual([3, 9]);
});
