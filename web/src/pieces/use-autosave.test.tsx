import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { pieceFromTemplate, templateById } from '@eveningtide/core/subjects';
import { act, waitFor } from '@testing-library/react';
import { draftOf } from '../store/drafts.js';
import { editorActions } from '../store/editor.js';
import { FakeServer } from '../testing/fake-server.js';
import { showPage } from '../testing/page.js';
import { useAutosave } from './use-autosave.js';

const piece = pieceFromTemplate(templateById('van'), { id: 'van', name: 'Van', scaleRatio: 76 });

function Editor() {
  useAutosave();
  return null;
}

const opened = () => {
  const server = new FakeServer();
  const { store } = showPage(<Editor />);
  act(() => {
    store.dispatch(editorActions.opened({ stored: { version: 3, piece }, draft: null }));
  });
  const rename = (name: string) =>
    act(() => {
      store.dispatch(editorActions.renamed(name));
    });
  const later = (ms: number) => act(() => jest.advanceTimersByTimeAsync(ms));
  return { server, store, rename, later, save: () => store.getState().editor.save };
};

const SAVE = 'PUT /api/pieces/van';

beforeEach(() => {
  localStorage.clear();
  jest.useFakeTimers({ advanceTimers: true });
});
afterEach(() => {
  jest.useRealTimers();
});

describe('a piece that is edited', () => {
  test('is kept in the browser at once and saved half a second after the last change', async () => {
    const { server, store, rename, later, save } = opened();
    server.answer(SAVE, { body: { version: 4, piece: { ...piece, name: 'Salt van' } } });
    rename('Salt');
    await later(400);
    rename('Salt van');
    expect(draftOf('van')?.piece.name).toBe('Salt van');
    await later(400);
    expect(server.sent('PUT')).toEqual([]);
    await later(200);
    await waitFor(() => expect(save()).toBe('saved'));
    expect(server.sent('PUT').map(({ body }) => body)).toEqual([{ version: 3, piece: { ...piece, name: 'Salt van' } }]);
    expect(store.getState().editor.version).toBe(4);
    expect(draftOf('van')).toBeNull();
  });

  test('is sent again while the server is away; what was typed stays in the browser', async () => {
    const { server, rename, later, save } = opened();
    server.answer(SAVE, 'no answer', { body: { version: 4, piece: { ...piece, name: 'Salt van' } } });
    rename('Salt van');
    await later(600);
    await waitFor(() => expect(save()).toBe('offline'));
    expect(draftOf('van')?.piece.name).toBe('Salt van');
    await later(3100);
    await waitFor(() => expect(save()).toBe('saved'));
    expect(server.sent('PUT')).toHaveLength(2);
  });

  test('what was typed while it was being saved is saved after it, from the new version', async () => {
    const { server, rename, later, save } = opened();
    const saved = (version: number, name: string) => ({ body: { version, piece: { ...piece, name } } });
    server.answer(SAVE, saved(4, 'Salt'), saved(5, 'Salt van'));
    rename('Salt');
    await later(510);
    rename('Salt van');
    await later(600);
    await waitFor(() => expect(save()).toBe('saved'));
    expect(server.sent('PUT').map(({ body }) => (body as { version: number }).version)).toEqual([3, 4]);
  });

  test('that was changed elsewhere is not saved over: both are there to choose from', async () => {
    const { server, store, rename, later, save } = opened();
    const theirs = { version: 9, deletedAt: null, piece: { ...piece, name: 'Theirs' } };
    server.answer(SAVE, { status: 409, body: { error: 'stale', message: 'changed elsewhere', stored: theirs } });
    rename('Mine');
    await later(600);
    await waitFor(() => expect(save()).toBe('conflict'));
    expect(store.getState().editor.theirs?.piece.name).toBe('Theirs');
    expect(store.getState().editor.piece?.name).toBe('Mine');
    await later(10_000);
    expect(server.sent('PUT')).toHaveLength(1);
  });

  test('that is refused says why and is not sent again by itself', async () => {
    const { server, store, rename, later } = opened();
    server.answer(SAVE, { status: 400, body: { error: 'invalid', message: 'piece.name: too long' } });
    rename('Salt van');
    await later(600);
    await waitFor(() => expect(store.getState().editor.refusal).toBe('piece.name: too long'));
    await later(10_000);
    expect(server.sent('PUT')).toHaveLength(1);
  });
});
