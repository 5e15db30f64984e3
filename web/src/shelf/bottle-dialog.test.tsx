import { describe, expect, jest, test } from '@jest/globals';
import { plainBottle } from '@eveningtide/core/materials';
import { plainStep, pieceFromTemplate, templateById } from '@eveningtide/core/subjects';
import { screen, waitFor } from '@testing-library/react';
import { useState } from 'react';
import { FakeServer } from '../testing/fake-server.js';
import { showPage } from '../testing/page.js';
import { BottleDialog } from './bottle-dialog.js';

const bottle = plainBottle({ id: 'umber', name: 'Umber wash', material: 'wash-enamel', colour: '#3b2a1e', sizeMl: 40, leftMl: 31 });
const piece = {
  ...pieceFromTemplate(templateById('van'), { id: 'van', name: 'Salt van', scaleRatio: 76 }),
  steps: [plainStep({ id: 's', technique: 'wash', material: 'wash-enamel', bottleId: 'umber', zones: ['all'] })],
};

const shown = (stored: { version: number; bottle: typeof bottle } | null, server = new FakeServer({ pieces: [{ version: 1, piece }] })) => {
  const onClose = jest.fn();
  function Shelf() {
    const [isOpen, setOpen] = useState(true);
    return isOpen ? (
      <BottleDialog
        stored={stored}
        onClose={() => {
          onClose();
          setOpen(false);
        }}
      />
    ) : null;
  }
  return { server, onClose, ...showPage(<Shelf />) };
};
const keep = () => screen.getByRole<HTMLButtonElement>('button', { name: 'Save' });

describe('a bottle', () => {
  test('is saved from the version it was read at, with what was changed', async () => {
    const { server, onClose, hands } = shown({ version: 7, bottle });
    server.answer('PUT /api/bottles/umber', { body: { version: 8, bottle } });
    await hands.clear(screen.getByLabelText('Left (ml)'));
    await hands.type(screen.getByLabelText('Left (ml)'), '12,5');
    await hands.clear(screen.getByLabelText('Where it stands'));
    await hands.type(screen.getByLabelText('Where it stands'), 'rack 2');
    await hands.click(keep());
    await waitFor(() => expect(onClose).toHaveBeenCalled());
    expect(server.sent('PUT')).toEqual([
      { method: 'PUT', path: '/api/bottles/umber', body: { version: 7, bottle: { ...bottle, leftMl: 12.5, place: 'rack 2' } } },
    ]);
  });

  test('that holds more than it can is told and not kept', async () => {
    const { server, hands } = shown({ version: 7, bottle });
    await hands.clear(screen.getByLabelText('Left (ml)'));
    await hands.type(screen.getByLabelText('Left (ml)'), '41');
    expect(screen.getByText('More than it holds')).toBeTruthy();
    expect(keep().disabled).toBe(true);
    await hands.type(screen.getByLabelText('Name'), '{Enter}');
    expect(server.sent('PUT')).toEqual([]);
  });

  test('without a name is told and not kept', async () => {
    const { hands } = shown({ version: 7, bottle });
    await hands.clear(screen.getByLabelText('Name'));
    expect(screen.getByText('Allowed: a name of 1–120 characters')).toBeTruthy();
    expect(keep().disabled).toBe(true);
  });

  test('tells what a change touches: pieces, and steps by number', async () => {
    shown({ version: 7, bottle });
    const touched = await screen.findByRole('region', { name: 'What a change touches' });
    await waitFor(() => expect(touched.textContent).toContain('Salt van, step 1'));
  });

  test('that is new takes the colour of its kind as long as it has no name', async () => {
    const { hands } = shown(null);
    const colour = () => screen.getByLabelText<HTMLInputElement>('Colour').value;
    const before = colour();
    await hands.selectOptions(screen.getByLabelText('Kind'), 'wash-enamel');
    const ofKind = colour();
    expect(ofKind).not.toBe(before);
    await hands.type(screen.getByLabelText('Name'), 'Mine');
    await hands.selectOptions(screen.getByLabelText('Kind'), 'enamel-metallic');
    expect(colour()).toBe(ofKind);
  });

  test('stays open where it was not saved, and says why', async () => {
    const { server, onClose, hands } = shown({ version: 7, bottle });
    server.answer('PUT /api/bottles/umber', { status: 409, body: { error: 'stale', message: 'it was changed elsewhere' } });
    await hands.click(keep());
    expect(await screen.findByText('The bottle was not saved')).toBeTruthy();
    expect(screen.getByText('it was changed elsewhere')).toBeTruthy();
    expect(onClose).not.toHaveBeenCalled();
  });

  test('is taken off the shelf, and brought back by the notice', async () => {
    const { server, hands } = shown({ version: 7, bottle });
    server.answer('DELETE /api/bottles/umber', { status: 204 });
    server.answer('POST /api/deleted/bottle/umber/restore', { status: 204 });
    await hands.click(screen.getByRole('button', { name: 'Take it off the shelf' }));
    expect(await screen.findByText('Umber wash deleted')).toBeTruthy();
    expect(screen.getByText(/30 days under Recently deleted/)).toBeTruthy();
    await hands.click(screen.getByRole('button', { name: 'Undo' }));
    await waitFor(() => expect(server.sent('POST').map(({ path }) => path)).toEqual(['/api/deleted/bottle/umber/restore']));
  });
});
