import { describe, expect, test } from '@jest/globals';
import { screen, waitFor, within } from '@testing-library/react';
import { FakeServer } from '../testing/fake-server.js';
import { showPage } from '../testing/page.js';
import { DeletedView } from './deleted-view.js';

const van = { kind: 'piece', id: 'van', name: 'Salt van', deletedAt: '2026-11-24T19:30:00.000Z', daysLeft: 1 };
const umber = { kind: 'bottle', id: 'umber', name: 'Umber wash', deletedAt: '2026-11-20T19:30:00.000Z', daysLeft: 26 };

const shown = (deleted: object[]) => {
  const server = new FakeServer({ deleted });
  return { server, ...showPage(<DeletedView />) };
};

describe('recently deleted', () => {
  test('says what there is, of what kind, and how long it stays', async () => {
    shown([van, umber]);
    const rows = (await screen.findAllByRole('row')).slice(1).map((row) => row.textContent);
    expect(rows[0]).toMatch(/^PieceSalt van.*1 day more/);
    expect(rows[1]).toMatch(/^BottleUmber wash.*26 days more/);
  });

  test('with nothing in it says what would come here', async () => {
    shown([]);
    expect(await screen.findByText('Nothing was deleted')).toBeTruthy();
  });

  test('that cannot be read offers to try again', async () => {
    const { server, hands } = (() => {
      const made = new FakeServer();
      made.answer('GET /api/deleted', { status: 500, body: { error: 'trouble', message: 'no' } });
      return { server: made, ...showPage(<DeletedView />) };
    })();
    const again = await screen.findByRole('button', { name: /again/i });
    server.answer('GET /api/deleted', { body: [van] });
    await hands.click(again);
    expect(await screen.findByText('Salt van')).toBeTruthy();
  });

  test('brings back, and reads again what it was brought back to', async () => {
    const { server, hands } = shown([van]);
    server.answer('POST /api/deleted/piece/van/restore', { status: 204 });
    await hands.click(await screen.findByRole('button', { name: 'Bring Salt van back' }));
    expect(await screen.findByText('Salt van is back')).toBeTruthy();
    await waitFor(() => expect(server.sent('GET').filter(({ path }) => path === '/api/deleted')).toHaveLength(2));
  });

  test.each([
    ['a piece', van, 'its part of the log go with it'],
    ['a bottle', umber, 'Only a backup brings it back.'],
  ])('asks before %s goes for good, and says what goes with it', async (_what, one, words) => {
    const { server, hands } = shown([one]);
    server.answer(`DELETE /api/deleted/${one.kind}/${one.id}`, { status: 204 });
    await hands.click(await screen.findByRole('button', { name: `Delete ${one.name} for good` }));
    const dialog = await screen.findByRole('alertdialog');
    expect(dialog.textContent).toContain(words);
    expect(server.sent('DELETE')).toEqual([]);
    await hands.click(within(dialog).getByRole('button', { name: 'Delete for good' }));
    await waitFor(() => expect(server.sent('DELETE')).toHaveLength(1));
    expect(await screen.findByText(`${one.name} is gone for good`)).toBeTruthy();
  });
});
