import { expect, test } from '@jest/globals';
import { plantingFacts, type Planting } from '@eveningtide/core/planting';
import { screen } from '@testing-library/react';
import { useState } from 'react';
import { showPage } from '../testing/page.js';
import { PlanPanel } from './plan-panel.js';

const bank: Planting = {
  ...{ id: 'b', name: 'Bank', scaleRatio: 76, stance: 'face', lengthMm: 200, widthMm: 120, boards: null, pieceId: null, zoneId: null },
  growths: [
    { id: 'l1', name: 'Turf', kind: 'turf', sharePct: 50, fibreMm: null, rounds: 1, colour: null },
    { id: 'l2', name: 'Moss', kind: 'moss', sharePct: 5, fibreMm: null, rounds: 2, colour: '#445522' },
  ],
  plants: [{ id: 'p', name: 'Gorse', plant: 'bush', count: 3, acrossMm: 14, heightMm: 16, inThrees: true }],
  keepOffs: [{ id: 'k', name: 'Ledge', kind: 'row', fromXMm: 0, fromYMm: 100, toXMm: 200, toYMm: 100, widthMm: 20 }],
  ...{ seed: 3, moved: [], note: '' },
};

function OnTheView() {
  const [planting, setPlanting] = useState(bank);
  const [shownId, setShownId] = useState<string | null>(null);
  return (
    <>
      <PlanPanel
        planting={planting}
        facts={plantingFacts(planting)}
        shownId={shownId}
        onShow={setShownId}
        onChange={(given) => {
          setPlanting({ ...planting, ...given });
        }}
      />
      <output>{JSON.stringify(planting.moved)}</output>
    </>
  );
}

test('a plant is set by keys alone, told where nothing may grow, and let go again', async () => {
  const { hands } = showPage(<OnTheView />);
  await hands.selectOptions(screen.getByLabelText('Plant'), 'Gorse 2');
  const fromTop = (): HTMLInputElement => screen.getByLabelText('From top (mm)');
  await hands.clear(fromTop());
  await hands.type(fromTop(), '9');
  expect(screen.getByRole('status').textContent).toContain('"at":1');
  expect(screen.queryByText('Nothing may grow there.')).toBeNull();
  await hands.type(fromTop(), '5');
  // it goes on being typed into
  expect(document.activeElement).toBe(fromTop());
  expect(screen.getByText('Nothing may grow there.')).toBeTruthy();
  await hands.click(screen.getByRole('button', { name: 'Let it find a place' }));
  expect(screen.getByRole('status').textContent).toBe('[]');
});

test('the patches of one growth are seen by themselves; another number sets all otherwise', async () => {
  const { hands } = showPage(<OnTheView />);
  const patches = (): (string | null)[] => [...document.querySelectorAll('svg[role=img] > path')].map((path) => path.getAttribute('d'));
  const plants = (): (string | null)[] =>
    [...document.querySelectorAll('svg[role=img] > g[transform]')].map((g) => g.getAttribute('transform'));
  const [turf, moss] = patches();
  await hands.click(screen.getByRole('button', { name: 'Moss' }));
  expect(patches()).toEqual([moss]);
  expect(moss).not.toBe(turf);
  const before = plants();
  expect(before).toHaveLength(3);
  await hands.click(screen.getByRole('button', { name: 'Set all otherwise' }));
  expect(plants()).not.toEqual(before);
});
