import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { normal, seededFrom } from '../units/index.js';
import { averagedColour, deltaE00OfLab, type Lab } from './index.js';

const RUST: Lab = { l: 38, a: 18, b: 24 };

describe('the mean of readings', () => {
  test('one reading is its own mean, and nothing is known of its waver', () => {
    expect(averagedColour([RUST])).toEqual({ mean: RUST, spreadDe00: null, plusMinusDe00: null });
    expect(() => averagedColour([])).toThrow('at least one');
  });

  test('readings that are the same waver by nothing', () => {
    const { mean, spreadDe00 } = averagedColour([RUST, RUST, RUST]);
    expect(deltaE00OfLab(mean, RUST)).toBeCloseTo(0, 9);
    expect(spreadDe00).toBeCloseTo(0, 9);
  });

  test('two greys: worked by hand, each lies half the difference from the mean', () => {
    const pair: Lab[] = [
      { l: 49, a: 0, b: 0 },
      { l: 51, a: 0, b: 0 },
    ];
    const { mean, spreadDe00, plusMinusDe00 } = averagedColour(pair);
    expect(mean).toEqual({ l: 50, a: 0, b: 0 });
    // near L* 50 a step of L* is a step of ΔE00; √(1² + 1²) over one degree of freedom, and that over √2
    expect(spreadDe00).toBeCloseTo(Math.SQRT2, 1);
    expect(plusMinusDe00).toBeCloseTo(1, 1);
  });

  test('four times the readings halve what is unsure, on average', () => {
    const random = seededFrom(5);
    const reading = (): Lab => ({ l: RUST.l + normal(random), a: RUST.a, b: RUST.b });
    const unsure = (count: number): number => {
      const offs = Array.from({ length: 400 }, () => {
        const { mean } = averagedColour(Array.from({ length: count }, reading));
        return (mean.l - RUST.l) ** 2;
      });
      return Math.sqrt(offs.reduce((sum, one) => sum + one, 0) / offs.length);
    };
    expect(unsure(4) / unsure(16)).toBeCloseTo(2, 0);
  });

  test('the mean lies among the readings, in whatever order they came', () => {
    const lab = fc.record({
      l: fc.double({ min: 0, max: 100, noNaN: true }),
      a: fc.double({ min: -80, max: 80, noNaN: true }),
      b: fc.double({ min: -80, max: 80, noNaN: true }),
    });
    fc.assert(
      fc.property(fc.array(lab, { minLength: 2, maxLength: 9 }), (readings) => {
        const { mean, spreadDe00, plusMinusDe00 } = averagedColour(readings);
        for (const name of ['l', 'a', 'b'] as const) {
          expect(mean[name]).toBeGreaterThanOrEqual(Math.min(...readings.map((one) => one[name])) - 1e-9);
          expect(mean[name]).toBeLessThanOrEqual(Math.max(...readings.map((one) => one[name])) + 1e-9);
        }
        expect(plusMinusDe00).toBeLessThanOrEqual(spreadDe00!);
        expect(averagedColour([...readings].reverse()).mean.l).toBeCloseTo(mean.l, 9);
      }),
    );
  });
});
