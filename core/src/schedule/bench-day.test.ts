import { describe, expect, test } from '@jest/globals';
import { benchDay } from './bench-day.js';

const every = (start: string, end: string) => ({ weekly: [0, 1, 2, 3, 4, 5, 6].map((weekday) => ({ weekday, start, end })), dates: [] });

describe('the day the bench is on', () => {
  test.each([
    ['22:00', '05:00', 10, '2026-11-24'],
    ['22:00', '05:00', 4 * 60 + 59, '2026-11-24'],
    // work that goes on after the evening counts to it
    ['22:00', '05:00', 8 * 60, '2026-11-24'],
    ['22:00', '05:00', 9 * 60, '2026-11-25'],
    ['19:30', '23:30', 20, '2026-11-24'],
    ['19:30', '23:30', 4 * 60, '2026-11-25'],
    ['19:30', '21:30', 20, '2026-11-24'],
    ['10:00', '12:00', 20, '2026-11-25'],
  ])('evening %s–%s, %p minutes past midnight: %s', (start, end, minute, day) => {
    expect(benchDay(every(start, end), '2026-11-25', minute)).toBe(day);
  });

  test('a date that is off is no evening', () => {
    const off = { ...every('22:00', '05:00'), dates: [{ date: '2026-11-24', start: null, end: null }] };
    expect(benchDay(off, '2026-11-25', 10)).toBe('2026-11-25');
  });
});
