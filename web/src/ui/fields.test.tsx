import { describe, expect, jest, test } from '@jest/globals';
import { screen } from '@testing-library/react';
import { useState } from 'react';
import { FakeServer } from '../testing/fake-server.js';
import { showPage } from '../testing/page.js';
import { NumberField } from './number-field.js';
import { TextField } from './text-field.js';

/** A field that keeps what it is told. */
function Kept({
  start,
  taken,
  ...how
}: {
  start: number | null;
  taken: (value: number | null) => void;
  whole?: boolean;
  optional?: boolean;
}) {
  const [value, setValue] = useState(start);
  return (
    <NumberField
      label="Coats"
      value={value}
      usual="2"
      min={1}
      max={10}
      {...how}
      onChange={(next) => {
        setValue(next);
        taken(next);
      }}
    />
  );
}

describe('a number', () => {
  const shown = (how: Partial<Parameters<typeof Kept>[0]> = {}) => {
    new FakeServer();
    const taken = jest.fn<(value: number | null) => void>();
    return { taken, ...showPage(<Kept start={null} taken={taken} {...how} />) };
  };
  const field = () => screen.getByLabelText<HTMLInputElement>('Coats');

  test('is taken over as it is typed, with a comma too', async () => {
    const { taken, hands } = shown();
    await hands.type(field(), '2,5');
    expect(taken.mock.lastCall).toEqual([2.5]);
    expect(screen.queryByRole('alert')).toBeNull();
  });

  test.each([
    ['12', {}, 'Allowed: 1–10'],
    ['0', {}, 'Allowed: 1–10'],
    ['two', {}, 'Allowed: 1–10'],
    ['2.5', { whole: true }, 'Allowed: whole numbers 1–10'],
  ])('%s is told and not taken over', async (typed, how, words) => {
    const { taken, hands } = shown({ start: 4, ...how });
    await hands.clear(field());
    taken.mockClear();
    await hands.type(field(), typed);
    expect(screen.getByRole('alert').textContent).toBe(words);
    expect(field().getAttribute('aria-invalid')).toBe('true');
    expect(taken.mock.calls.map(([value]) => value)).not.toContain(Number(typed));
    // what was typed stays to be put right when the field is left
    await hands.tab();
    expect(field().value).toBe(typed);
  });

  test('that is emptied is the usual one, where one may be missing', async () => {
    const { taken, hands } = shown({ start: 4 });
    await hands.clear(field());
    expect(taken.mock.lastCall).toEqual([null]);
    expect(field().placeholder).toBe('2');
  });

  test('that must be there is asked for', async () => {
    const { taken, hands } = shown({ start: 4, optional: false });
    await hands.clear(field());
    expect(screen.getByRole('alert').textContent).toBe('Type a number');
    expect(taken).not.toHaveBeenCalled();
  });

  test('shows what it has become elsewhere once it is left', async () => {
    const { hands } = shown({ start: 4 });
    await hands.clear(field());
    await hands.type(field(), '07');
    await hands.tab();
    expect(field().value).toBe('7');
  });
});

describe('a name', () => {
  test('that must be kept is not emptied', async () => {
    new FakeServer();
    const taken = jest.fn<(text: string) => void>();
    const { hands } = showPage(<TextField label="Name" value="V" kept onChange={taken} />);
    await hands.clear(screen.getByLabelText('Name'));
    expect(taken).not.toHaveBeenCalled();
    await hands.type(screen.getByLabelText('Name'), 'an');
    expect(taken.mock.calls).toEqual([['Va'], ['Vn']]);
  });
});
