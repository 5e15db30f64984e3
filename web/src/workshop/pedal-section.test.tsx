import { expect, jest, test } from '@jest/globals';
import { screen } from '@testing-library/react';
import { showPage } from '../testing/page.js';
import { useBenchKeys } from '../tonight/use-bench-keys.js';
import { PedalSection } from './pedal-section.js';

const onGo = jest.fn();

function Bench() {
  useBenchKeys({ onGo, onStep: () => undefined });
  return <PedalSection />;
}

test('what a foot pedal sends is learnt, begins and ends a step, and is forgotten again', async () => {
  onGo.mockClear();
  const { hands, store } = showPage(<Bench />);
  await hands.keyboard('{F9}');
  expect(onGo).not.toHaveBeenCalled();
  await hands.click(screen.getByRole('button', { name: 'Learn another' }));
  expect(screen.getByRole('status').textContent).toContain('Press the key or the pedal now');
  // keys that move about a page are no pedal
  await hands.keyboard('{ArrowDown}');
  expect(store.getState().display.goKey).toBe(' ');
  await hands.keyboard('{F9}');
  expect(screen.getByRole('status').textContent).toBe('Start and Done: F9');
  await hands.keyboard('{F9}');
  expect(onGo).toHaveBeenCalledTimes(1);
  await hands.click(screen.getByRole('button', { name: 'Space again' }));
  expect(store.getState().display.goKey).toBe(' ');
});

test('Escape leaves it as it was', async () => {
  const { hands, store } = showPage(<Bench />);
  await hands.click(screen.getByRole('button', { name: 'Learn another' }));
  await hands.keyboard('{Escape}');
  expect(store.getState().display.goKey).toBe(' ');
  expect(screen.getByRole('button', { name: 'Learn another' })).toBeTruthy();
});
