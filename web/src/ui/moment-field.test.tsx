import { expect, jest, test } from '@jest/globals';
import { screen } from '@testing-library/react';
import { useState } from 'react';
import { showPage } from '../testing/page.js';
import { MomentField } from './moment-field.js';

function Bench({ told }: { told: (value: string | null) => void }) {
  const [value, setValue] = useState<string | null>(null);
  return (
    <>
      <MomentField
        label="Done at"
        value={value}
        onChange={(to) => {
          setValue(to);
          told(to);
        }}
      />
      <button
        type="button"
        onClick={() => {
          setValue(null);
        }}
      >
        Release
      </button>
    </>
  );
}

const field = (which: 'day' | 'time') => screen.getByRole<HTMLInputElement>('textbox', { name: `Done at, ${which}` });

test('a moment is told when day and time are both there, and goes when it is taken back from outside', async () => {
  const told = jest.fn();
  const { hands } = showPage(<Bench told={told} />);
  await hands.type(field('day'), '26 Nov 2026');
  expect(told).not.toHaveBeenCalled();
  await hands.type(field('time'), '7.30 pm');
  expect(told).toHaveBeenLastCalledWith('2026-11-26T19:30');
  await hands.click(screen.getByRole('button', { name: 'Release' }));
  expect([field('day').value, field('time').value]).toEqual(['', '']);
});

test('one part taken out takes the moment back and leaves the other; what is no time stays with what is allowed', async () => {
  const told = jest.fn();
  const { hands } = showPage(<Bench told={told} />);
  await hands.type(field('day'), '2026-11-26');
  await hands.type(field('time'), '1930');
  await hands.clear(field('time'));
  expect(told).toHaveBeenLastCalledWith(null);
  expect(field('day').value).toBe('26 Nov 2026');
  await hands.type(field('time'), '25:99');
  expect(screen.queryByRole('alert')).toBeNull();
  await hands.click(field('day'));
  expect(field('time').value).toBe('25:99');
  expect(field('time').getAttribute('aria-invalid')).toBe('true');
  expect(screen.getByRole('alert').textContent).toContain('19:30 or 7:30 pm');
  await hands.clear(field('time'));
  await hands.type(field('time'), '9');
  expect(told).toHaveBeenLastCalledWith(null);
  // one figure may be the first of two; left, it is an hour
  await hands.click(field('day'));
  expect(told).toHaveBeenLastCalledWith('2026-11-26T09:00');
  expect(screen.queryByRole('alert')).toBeNull();
});
