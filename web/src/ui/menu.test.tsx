import { expect, jest, test } from '@jest/globals';
import { screen } from '@testing-library/react';
import { showPage } from '../testing/page.js';
import { Menu } from './menu.js';

const shown = () => {
  const [first, second] = [jest.fn(), jest.fn()];
  const { hands } = showPage(
    <Menu
      label="More for the van"
      className=""
      items={[
        { words: 'Duplicate', onSelect: first },
        { words: 'Weigh it', onSelect: second },
      ]}
    >
      …
    </Menu>,
  );
  return { hands, first, second };
};

test('a menu opens at the first press, though what it is made with has still to come', async () => {
  const { hands, first, second } = shown();
  await hands.click(screen.getByRole('button', { name: 'More for the van' }));
  await hands.click(await screen.findByRole('menuitem', { name: 'Weigh it' }));
  expect(first).not.toHaveBeenCalled();
  expect(second).toHaveBeenCalledTimes(1);
  expect(screen.queryByRole('menu')).toBeNull();
});

test('by keys alone: down opens it, Enter takes what is lit', async () => {
  const { hands, first } = shown();
  screen.getByRole('button', { name: 'More for the van' }).focus();
  await hands.keyboard('{ArrowDown}');
  await screen.findByRole('menu');
  await hands.keyboard('{ArrowDown}{Enter}');
  expect(first).toHaveBeenCalledTimes(1);
});
