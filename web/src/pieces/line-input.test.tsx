import { expect, test } from '@jest/globals';
import { screen } from '@testing-library/react';
import { useState } from 'react';
import { showPage } from '../testing/page.js';
import { LineInput } from './line-input.js';

function Line() {
  const [text, setText] = useState('');
  return <LineInput aria-label="A step" text={text} names={['Drybrush', 'Umber wash', 'sides']} onText={setText} />;
}

test('a name that is begun is completed by the right arrow, at the end of the line only', async () => {
  const { hands } = showPage(<Line />);
  const line = screen.getByRole<HTMLInputElement>('textbox', { name: 'A step' });
  await hands.type(line, 'dryb');
  expect(screen.getByText('Right arrow completes: drybrush')).toBeTruthy();
  await hands.keyboard('{ArrowRight}');
  expect(line.value).toBe('drybrush ');
  await hands.keyboard('umber w{ArrowRight}si');
  expect(line.value).toBe('drybrush umber wash si');
  // within the line the arrow only moves
  await hands.keyboard('{ArrowLeft}{ArrowLeft}{ArrowRight}');
  expect(line.value).toBe('drybrush umber wash si');
  await hands.keyboard('{End}{ArrowRight}');
  expect(line.value).toBe('drybrush umber wash sides ');
});
