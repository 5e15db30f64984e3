import { expect, jest, test } from '@jest/globals';
import { screen } from '@testing-library/react';
import { showPage } from '../testing/page.js';
import { PickField } from './pick-field.js';

const GROUPS = [
  { heading: 'On the shelf', items: [{ id: 'dull', name: 'Dead dull' }] },
  {
    heading: 'Kinds',
    items: [
      { id: 'brush', name: 'Brush coat' },
      { id: 'clear', name: 'Clear coat' },
    ],
  },
];

function shown() {
  const chosen = jest.fn();
  const { hands } = showPage(<PickField label="Technique" value="brush" shown="Brush coat" groups={GROUPS} onChange={chosen} />);
  return { chosen, hands, field: screen.getByRole('combobox', { name: 'Technique Brush coat' }) };
}
const options = () => screen.getAllByRole('option').map(({ textContent }) => textContent);

test('a choice opens with all of its groups, and what is pressed is chosen', async () => {
  const { chosen, hands, field } = shown();
  await hands.click(field);
  expect(options()).toEqual(['Dead dull', 'Brush coat', 'Clear coat']);
  expect(screen.getByText('On the shelf')).toBeTruthy();
  await hands.click(screen.getByRole('option', { name: 'Clear coat' }));
  expect(chosen).toHaveBeenCalledWith('clear');
  expect(screen.queryByRole('option')).toBeNull();
});

test('typing opens it, any word of the trade finds, and Enter takes the first', async () => {
  const { chosen, hands, field } = shown();
  field.focus();
  await hands.keyboard('varnish');
  expect(options()).toEqual(['Clear coat']);
  await hands.keyboard('{Enter}');
  expect(chosen).toHaveBeenCalledWith('clear');
});

test('nothing of that name is said, and Escape leaves everything as it was', async () => {
  const { chosen, hands, field } = shown();
  await hands.click(field);
  await hands.keyboard('submarine');
  expect(screen.getByText('Nothing of that name.')).toBeTruthy();
  await hands.keyboard('{Escape}');
  expect(screen.queryByRole('option')).toBeNull();
  expect(chosen).not.toHaveBeenCalled();
});
