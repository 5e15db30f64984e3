import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DEFAULT_WORKSHOP, daylightFrom, daylightOn } from '../schedule/index.js';
import { daylightMinutes } from './index.js';

describe('daylight', () => {
  // hours between sunrise and sunset as almanacs give them, from memory; a few minutes either way
  test.each([
    [0, 80, 12.12],
    [51.5, 172, 16.63],
    [51.5, 355, 7.83],
    [-33.9, 355, 14.42],
    [60, 172, 18.87],
  ])('at latitude %d on day %d about %d h', (latitude, day, hours) => {
    expect(Math.abs(daylightMinutes(latitude, day) - hours * 60)).toBeLessThan(12);
  });

  test('polar night and midnight sun', () => {
    expect(daylightMinutes(80, 355)).toBe(0);
    expect(daylightMinutes(80, 172)).toBe(1440);
    expect(() => daylightMinutes(91, 1)).toThrow('latitudeDeg must be from -90 to 90, got 91');
  });

  test('north in June is like south in December, and longer than north in December', () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 60, noNaN: true }), (latitude) => {
        expect(Math.abs(daylightMinutes(latitude, 172) - daylightMinutes(-latitude, 355))).toBeLessThan(2);
        expect(daylightMinutes(latitude, 172)).toBeGreaterThan(daylightMinutes(latitude, 355));
      }),
    );
  });

  const computed = { ...DEFAULT_WORKSHOP.daylight, by: 'latitude' as const, latitudeDeg: 52, noon: '12:30' };
  test('lies around noon, and moves with the season', () => {
    const june = daylightOn(computed, '2026-06-21');
    const december = daylightOn(computed, '2026-12-21');
    expect((june.fromMin + june.toMin) / 2).toBeCloseTo(750, 0);
    expect(june.fromMin).toBeLessThan(december.fromMin);
  });

  test('typed hours hold on every day; a polar night has none', () => {
    expect(daylightFrom(DEFAULT_WORKSHOP, '2026-11-24', 2)).toEqual([
      { fromMin: 540, toMin: 930 },
      { fromMin: 1980, toMin: 2370 },
    ]);
    expect(daylightFrom({ daylight: { ...computed, latitudeDeg: 80 } }, '2026-12-21', 3)).toEqual([]);
  });
});
