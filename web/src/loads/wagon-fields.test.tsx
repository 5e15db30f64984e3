import { expect, test } from '@jest/globals';
import type { Load } from '@eveningtide/core/loads';
import { pieceFromTemplate, templateById, type Piece } from '@eveningtide/core/subjects';
import { act, screen } from '@testing-library/react';
import { useState } from 'react';
import { editorActions } from '../store/editor.js';
import { FakeServer } from '../testing/fake-server.js';
import { showPage } from '../testing/page.js';
import { WagonFields } from './wagon-fields.js';

const slate: Load = {
  ...{ id: 'l', name: 'Slate', scaleRatio: 87, count: 1, lengthMm: 60, widthMm: 26, depthMm: 12, overMm: 4, profile: 'heap' },
  ...{ former: 'foam', coverMm: 3, grains: [], glueParts: 1, waterParts: 3, lifts: true, leaks: false },
  ...{ wagonId: null, consist: '', wagonMm: null, wagonG: null, note: '' },
};
const wagon: Piece = pieceFromTemplate(templateById('open-wagon'), { id: 'w', name: 'Slate wagon', scaleRatio: 76 });
const house: Piece = pieceFromTemplate(templateById('wall'), { id: 'h', name: 'Quay wall', scaleRatio: 76 });
const NO_WORK = 'No work where it is never seen';

function OnTheView() {
  const [load, setLoad] = useState(slate);
  return (
    <>
      <WagonFields
        load={load}
        onChange={(given) => {
          setLoad({ ...load, ...given });
        }}
      />
      <output>{`1 : ${String(load.scaleRatio)}`}</output>
    </>
  );
}

async function shown() {
  const server = new FakeServer({ pieces: [wagon, house].map((piece) => ({ version: 3, piece })) });
  const page = showPage(<OnTheView />);
  await screen.findByRole('option', { name: 'Slate wagon' });
  return { ...page, server };
}

test('a wagon that can carry is chosen: its scale and its length stand at once', async () => {
  const { hands } = await shown();
  expect(screen.queryByRole('option', { name: 'Quay wall' })).toBeNull();
  expect(screen.queryByRole('button', { name: NO_WORK })).toBeNull();
  await hands.selectOptions(screen.getByLabelText('Its wagon'), 'Slate wagon');
  expect(screen.getByText('1 : 76')).toBeTruthy();
  expect(screen.getByLabelText<HTMLInputElement>('Wagon over its body (mm)').value).toBe(String(wagon.sizeMm!.lengthMm));
});

test('what a load hides is left undone: a piece that lies elsewhere is saved, with its version', async () => {
  const { hands, server } = await shown();
  await hands.selectOptions(screen.getByLabelText('Its wagon'), 'Slate wagon');
  server.answer('PUT /api/pieces/w', { body: { version: 4, piece: wagon } });
  await hands.click(screen.getByRole('button', { name: NO_WORK }));
  const [sent] = server.sent('PUT');
  const { version, piece } = sent!.body as { version: number; piece: Piece };
  expect(version).toBe(3);
  expect(piece.zones.filter(({ seen }) => seen === 'never').map(({ name }) => name)).toEqual(['Interior']);
  expect(await screen.findByText(/never seen, no work/)).toBeTruthy();
});

test('a piece that lies open is changed there, so that undo knows of it; nothing is sent beside it', async () => {
  const { store, hands, server } = await shown();
  act(() => {
    store.dispatch(editorActions.opened({ stored: { version: 3, piece: wagon }, draft: null }));
  });
  await hands.selectOptions(screen.getByLabelText('Its wagon'), 'Slate wagon');
  await hands.click(screen.getByRole('button', { name: NO_WORK }));
  expect(store.getState().editor.piece!.zones.some(({ seen }) => seen === 'never')).toBe(true);
  expect(server.sent('PUT')).toHaveLength(0);
  await hands.click(screen.getByRole('button', { name: 'It is seen after all' }));
  expect(store.getState().editor.piece!.zones.some(({ seen }) => seen === 'never')).toBe(false);
});

test('what is refused is told, and the piece stays as it was', async () => {
  const { hands, server } = await shown();
  await hands.selectOptions(screen.getByLabelText('Its wagon'), 'Slate wagon');
  server.answer('PUT /api/pieces/w', { status: 409, body: { message: 'changed elsewhere', stored: { version: 5, piece: wagon } } });
  await hands.click(screen.getByRole('button', { name: NO_WORK }));
  expect(await screen.findByText(/Slate wagon stays as it was/)).toBeTruthy();
});
