import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { lightnessOf, meanOfPoints } from './index.js';

test('the mean of one colour is that colour', () => {
  fc.assert(
    fc.property(fc.tuple(fc.nat(255), fc.nat(255), fc.nat(255)), fc.integer({ min: 1, max: 20 }), (rgb, count) => {
      const hex = `#${rgb.map((value) => value.toString(16).padStart(2, '0')).join('')}`;
      expect(meanOfPoints(Array.from({ length: count }, () => [...rgb, 255]).flat())).toBe(hex);
    }),
  );
});

test('black and white together are as light as half the light, not as half the figures', () => {
  // half of the light is 188 on the screen (sRGB, IEC 61966-2-1: 1.055 × 0.5^(1/2.4) − 0.055)
  expect(meanOfPoints([0, 0, 0, 255, 255, 255, 255, 255])).toBe('#bcbcbc');
  expect(lightnessOf('#bcbcbc')).toBeGreaterThan(lightnessOf('#808080'));
});

test('without a point there is no mean', () => {
  expect(() => meanOfPoints([1, 2, 3])).toThrow(RangeError);
});
