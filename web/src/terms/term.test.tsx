import { expect, test } from '@jest/globals';
import { screen } from '@testing-library/react';
import { showPage } from '../testing/page.js';
import { Term } from './term.js';

test('a word of the trade says what it means when it is pressed, and goes by Escape', async () => {
  const { hands } = showPage(<Term id="dry-hard">dry-hard</Term>);
  await hands.click(screen.getByRole('button', { name: 'dry-hard' }));
  const said = await screen.findByRole('dialog', { name: 'dry-hard' });
  expect(said.textContent).toContain('A thumb pressed on it leaves no mark.');
  await hands.keyboard('{Escape}');
  expect(screen.queryByRole('dialog')).toBeNull();
  expect(screen.getByRole('button', { name: 'dry-hard' })).toBeTruthy();
});
