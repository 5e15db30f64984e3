import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DEFAULT_WORKSHOP } from '../schedule/index.js';
import { clockOf, clockShown, minutesOfClock } from '../units/index.js';
import { rareEveningH } from './workshop.js';

const evening = (start: string, end: string) => ({ weekly: [{ weekday: 0, start, end }], dates: [] });

describe('an evening that is asked about', () => {
  test.each([
    ['19:30', '21:30', null],
    ['14:00', '22:00', null],
    ['20:00', '10:00', 14],
    ['22:00', '02:00', null],
    ['09:00', '21:30', 12.5],
  ])('%s to %s: %s h', (start, end, hours) => {
    expect(rareEveningH(evening(start, end))).toBe(hours);
  });

  test('the usual ones are not, nor one that is not typed to its end', () => {
    expect(rareEveningH(DEFAULT_WORKSHOP)).toBeNull();
    expect(rareEveningH(evening('08:00', ''))).toBeNull();
    expect(rareEveningH({ weekly: [], dates: [{ date: '2026-12-24', start: null, end: null }] })).toBeNull();
  });
});

test('a time over twelve hours says the same as over 24', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 1439 }), (minute) => {
      const [, hour, minutes, half] = /^(\d{1,2}):(\d{2}) (am|pm)$/.exec(clockShown(clockOf(minute), '12')) ?? [];
      expect(Number(hour)).toBeGreaterThan(0);
      expect(Number(hour)).toBeLessThan(13);
      expect(((Number(hour) % 12) + (half === 'pm' ? 12 : 0)) * 60 + Number(minutes)).toBe(minute);
      expect(minutesOfClock(clockShown(clockOf(minute), '24'))).toBe(minute);
    }),
  );
});
