import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  celsiusFromFahrenheit,
  convert,
  fahrenheitFromCelsius,
  firstOpen,
  formatMinutes,
  formatNumber,
  intersect,
  modelLengthMm,
  prototypeLengthMm,
  recommendedCarWeightG,
  gramsToOunces,
  weightOffG,
  weightScaleFor,
  standing,
} from './index.js';

describe('conversions', () => {
  test('exact definitions', () => {
    expect(convert(1, 'inch -> mm')).toBe(25.4);
    expect(convert(12, 'psi -> bar')).toBeCloseTo(0.8274, 4);
    expect(celsiusFromFahrenheit(68)).toBeCloseTo(20);
  });

  test('temperature goes there and back', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -100, max: 300, noNaN: true }),
        (t) => Math.abs(celsiusFromFahrenheit(fahrenheitFromCelsius(t)) - t) < 1e-9,
      ),
    );
  });

  test('refuses what is not a number', () => {
    expect(() => convert(NaN, 'inch -> mm')).toThrow('value must be a finite number');
  });
});

describe('scales', () => {
  test('25 µm of paint at 1:87 read as 2.2 mm', () => {
    expect(prototypeLengthMm(0.025, 87)).toBeCloseTo(2.175, 3);
  });

  test('model and prototype lengths are inverse', () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 1e5, noNaN: true }), fc.double({ min: 1, max: 500, noNaN: true }), (mm, ratio) => {
        expect(prototypeLengthMm(modelLengthMm(mm, ratio), ratio)).toBeCloseTo(mm, 6);
      }),
    );
  });

  test.each([0, -87, NaN, Infinity])('refuses the ratio %p', (ratio) => {
    expect(() => modelLengthMm(100, ratio)).toThrow('scale ratio must be greater than 0');
  });

  test('a car of no length has no weight', () => {
    expect(() => recommendedCarWeightG('HO', 0)).toThrow('lengthMm');
  });

  test('a tenth beside the recommendation is near enough; beyond it the grams are told', () => {
    expect(weightOffG(92, 84)).toBe(0);
    expect(weightOffG(76, 84)).toBe(0);
    expect(weightOffG(62, 84)).toBe(-22);
    expect(weightOffG(100, 84)).toBe(16);
    expect(gramsToOunces(28.349523125)).toBeCloseTo(1, 9);
  });

  test('a scale that the recommendation does not know goes by the nearest one', () => {
    expect(weightScaleFor(87.1).scale).toBe('HO');
    expect(weightScaleFor(76)).toEqual({ scale: 'HO', ratio: 87.1 });
    expect(weightScaleFor(45).scale).toBe('O');
    expect(weightScaleFor(148).scale).toBe('N');
    expect(() => weightScaleFor(0)).toThrow('ratio');
  });
});

describe('intervals', () => {
  const windows = [
    { fromMin: 10, toMin: 60 },
    { fromMin: 2880, toMin: Infinity },
  ];

  test('standing', () => {
    expect([5, 10, 60, 420, 2880, 9999].map((at) => standing(windows, at))).toEqual(['before', 'open', 'open', 'between', 'open', 'open']);
    expect(standing([{ fromMin: 0, toMin: 15 }], 16)).toBe('after');
  });

  test('first open minute', () => {
    expect(firstOpen(windows, 0)).toBe(10);
    expect(firstOpen(windows, 30)).toBe(30);
    expect(firstOpen(windows, 61)).toBe(2880);
    expect(firstOpen([{ fromMin: 0, toMin: 15 }], 16)).toBeNull();
  });

  const interval = fc
    .tuple(fc.integer({ min: 0, max: 500 }), fc.integer({ min: 0, max: 500 }))
    .map(([a, b]) => ({ fromMin: Math.min(a, b), toMin: Math.max(a, b) }));

  test('a minute is in the intersection exactly when it is in both', () => {
    fc.assert(
      fc.property(interval, interval, fc.integer({ min: 0, max: 500 }), (a, b, at) => {
        const inside = (x: { fromMin: number; toMin: number }) => at >= x.fromMin && at <= x.toMin;
        expect(intersect([a], [b]).some(inside)).toBe(inside(a) && inside(b));
      }),
    );
  });
});

describe('words', () => {
  test.each([
    [12.4, '12 min'],
    [60, '1 h'],
    [80, '1 h 20'],
    [65, '1 h 05'],
    [2880, '2 d'],
    [5280, '3 d 16 h'],
    [Infinity, 'never'],
  ])('%p minutes read %p', (minutes, words) => {
    expect(formatMinutes(minutes)).toBe(words);
  });

  test('numbers drop trailing zeros', () => {
    expect(formatNumber(1.5)).toBe('1.5');
    expect(formatNumber(0.333333, 2)).toBe('0.33');
  });
});
