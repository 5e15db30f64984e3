import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { clockTyped, dateShown, dateTyped } from './typed-time.js';

test.each([
  ['19:30', '19:30'],
  ['1930', '19:30'],
  ['7.30 pm', '19:30'],
  ['7pm', '19:00'],
  ['7 p.m.', '19:00'],
  ['12 am', '00:00'],
  ['12:05pm', '12:05'],
  ['19h30', '19:30'],
  ['9', '09:00'],
  ['19:42:00', '19:42'],
  ['19:42:07', '19:42:07'],
  ['24:00', null],
  ['13 pm', null],
  ['7:60', null],
  ['evening', null],
  ['', null],
])('the clock “%s”', (typed, want) => {
  expect(clockTyped(typed)).toBe(want);
});

test.each([
  ['2026-11-26', '2026-11-26'],
  ['26 Nov 2026', '2026-11-26'],
  ['26 november', '2026-11-26'],
  ['Nov 26, 2026', '2026-11-26'],
  ['26.11.2026', '2026-11-26'],
  ['Thu 26 Nov', '2026-11-26'],
  // nobody knows which of the two is the month
  ['3/4/2026', null],
  ['31 Nov 2026', null],
  ['soon', null],
])('the date “%s”', (typed, want) => {
  expect(dateTyped(typed, '2026-11-24')).toBe(want);
});

test('what is shown is read back, in either style', () => {
  fc.assert(
    fc.property(fc.date({ min: new Date('1950-01-02'), max: new Date('2099-12-30'), noInvalidDate: true }), (date) => {
      const iso = date.toISOString().slice(0, 10);
      for (const style of ['words', 'numbers'] as const) expect(dateTyped(dateShown(iso, style), '2026-11-24')).toBe(iso);
    }),
  );
});
