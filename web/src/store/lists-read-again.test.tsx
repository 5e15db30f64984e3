import { describe, expect, test } from '@jest/globals';
import { act, waitFor } from '@testing-library/react';
import { FakeServer } from '../testing/fake-server.js';
import { showPage } from '../testing/page.js';
import {
  api,
  useBottlesQuery,
  useDeletedQuery,
  useFinishesQuery,
  useLogQuery,
  useMaterialsQuery,
  useMixesQuery,
  usePiecesQuery,
  type StoredPiece,
} from './api.js';

/** Everything is looked at. */
function Page() {
  useBottlesQuery();
  useDeletedQuery();
  useFinishesQuery();
  useLogQuery();
  useMaterialsQuery();
  useMixesQuery();
  usePiecesQuery();
  return null;
}

const shown = async () => {
  const server = new FakeServer();
  const { store } = showPage(<Page />);
  const read = (): string[] => server.sent('GET').map(({ path }) => path.replace('/api/', ''));
  await waitFor(() => expect(read()).toHaveLength(7));
  /** Lists that are read a second time. */
  const again = (): string[] => read().slice(7).sort();
  return { server, store, again };
};

const { deleteBottle, deleteFinish, deleteMaterial, deleteMix, deletePiece, saveMix, savePiece, pieces: readPieces } = api.endpoints;

describe('lists that are read again', () => {
  test.each([
    ['bottles', deleteBottle, ['bottles', 'deleted', 'mixes', 'pieces']],
    ['mixes', deleteMix, ['deleted', 'mixes', 'pieces']],
    ['materials', deleteMaterial, ['deleted', 'materials']],
    ['finishes', deleteFinish, ['deleted', 'finishes']],
    ['pieces', deletePiece, ['deleted', 'pieces']],
  ] as const)('when one of the %s is deleted: itself, what lost it, and the recently deleted', async (list, endpoint, wanted) => {
    const { server, store, again } = await shown();
    server.answer(`DELETE /api/${list}/gone`, { status: 204 });
    await act(() => store.dispatch(endpoint.initiate('gone')).unwrap());
    await waitFor(() => expect(again()).toEqual(wanted));
  });

  test('a piece saved while its list was being read is not put back to what it was', async () => {
    const { server, store, again } = await shown();
    const row = (version: number) => ({ version, piece: { id: 'van', name: `Version ${String(version)}` } }) as unknown as StoredPiece;
    let arrive: () => void = () => undefined;
    const late = new Promise<void>((resolve) => (arrive = resolve));
    server.answer('GET /api/pieces', { body: [row(1)], after: late }, { body: [row(2)] });
    server.answer('PUT /api/pieces/van', { body: row(2) });
    const reading = store.dispatch(readPieces.initiate(undefined, { forceRefetch: true }));
    await act(() => store.dispatch(savePiece.initiate(row(1))).unwrap());
    arrive();
    await act(() => reading);
    const known = () =>
      readPieces
        .select()(store.getState())
        .data?.map(({ version }) => version);
    await waitFor(() => expect(known()).toEqual([2]));
    expect(again()).toEqual(['pieces', 'pieces']);
  });

  test('a piece that is saved while nothing is read is not read again', async () => {
    const { server, store, again } = await shown();
    const row = { version: 2, piece: { id: 'van', name: 'Van' } } as unknown as StoredPiece;
    server.answer('PUT /api/pieces/van', { body: row });
    await act(() => store.dispatch(savePiece.initiate({ ...row, version: 1 })).unwrap());
    expect(readPieces.select()(store.getState() as never).data).toEqual([row]);
    expect(again()).toEqual([]);
  });

  test('when one is saved: its own; a save that found no answer is sent again', async () => {
    const { server, store, again } = await shown();
    const mix = { id: 'mud', number: 1, name: 'Mud', components: [], madeMl: null, madeOn: null, colour: null, changes: [], note: '' };
    server.answer('PUT /api/mixes/mud', { status: 503, body: { error: 'busy', message: 'busy' } }, { body: { version: 1, mix } });
    await act(() => store.dispatch(saveMix.initiate({ version: 0, mix })).unwrap());
    await waitFor(() => expect(again()).toEqual(['mixes']));
    expect(server.sent('PUT')).toHaveLength(2);
  });
});
