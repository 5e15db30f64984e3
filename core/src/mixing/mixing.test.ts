import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { MATERIALS } from '../materials/index.js';
import {
  dilutionProblem,
  dilutionShares,
  diluteStrength,
  formatDilution,
  parseDilution,
  volumesFromParts,
  type Dilution,
} from './index.js';

const thinners = MATERIALS.filter((m) => m.role === 'thinner').map((m) => m.id);
const amount = fc.integer({ min: 1, max: 9999 }).map((n) => n / 10);
const aDilution: fc.Arbitrary<Dilution> = fc.oneof(
  fc.record({ thinner: fc.constantFrom(...thinners), parts: fc.tuple(amount, amount) }),
  fc.record({ thinner: fc.constantFrom(...thinners), drops: fc.integer({ min: 1, max: 200 }), inMl: amount }),
);

describe('dilutions in words', () => {
  test.each([
    ['1 : 2 white spirit', { thinner: 'white-spirit', parts: [1, 2] }],
    ['3:2 Acrylic thinner', { thinner: 'acrylic-thinner', parts: [3, 2] }],
    ['1,5 : 1 water', { thinner: 'water', parts: [1.5, 1] }],
    ['25 % water', { thinner: 'water', parts: [75, 25] }],
    ['9 drops in 20 ml isopropanol 70 %', { thinner: 'isopropanol-70', drops: 9, inMl: 20 }],
    ['1 drop in 5 mL water', { thinner: 'water', drops: 1, inMl: 5 }],
    ['neat', null],
    ['', null],
  ])('%p', (text, value) => {
    expect(parseDilution(text)).toEqual({ ok: true, value });
  });

  test.each([
    ['a little', 'dilution'],
    ['1 : 2 lemonade', 'thinner'],
    ['0 : 2 water', 'dilution'],
    ['100 % water', 'dilution'],
    ['5 drops in 0 ml water', 'dilution'],
    ['1 : 2000 water', 'dilution'],
  ])('refuses %p and says what is allowed', (text, field) => {
    const parsed = parseDilution(text);
    expect(parsed.ok).toBe(false);
    if (!parsed.ok) {
      expect(parsed.problem.field).toBe(field);
      expect(parsed.problem.allowed).not.toBe('');
    }
  });

  test('words and back again', () => {
    fc.assert(
      fc.property(aDilution, (dilution) => {
        expect(parseDilution(formatDilution(dilution))).toEqual({ ok: true, value: dilution });
      }),
    );
  });

  test('a dilution from a file is judged alike', () => {
    expect(dilutionProblem({ thinner: 'enamel-matt', parts: [1, 1] })?.field).toBe('thinner');
    expect(dilutionProblem({ thinner: 'water', parts: [1, -1] })?.field).toBe('dilution');
    expect(dilutionProblem({ thinner: 'water', parts: [1, 0] })).toBeNull();
  });
});

describe('volumes', () => {
  test('paint and thinner make up the whole', () => {
    fc.assert(
      fc.property(aDilution, (dilution) => {
        const { paint, thinner } = dilutionShares(dilution);
        expect(paint + thinner).toBeCloseTo(1, 9);
        expect(paint).toBeGreaterThan(0);
      }),
    );
  });

  test('drops count with the dropper that drops them', () => {
    expect(dilutionShares({ thinner: 'water', drops: 20, inMl: 1 }, 20).paint).toBeCloseTo(0.5);
    expect(dilutionShares({ thinner: 'water', drops: 20, inMl: 1 }, 40).paint).toBeCloseTo(1 / 3);
  });

  test('parts keep their proportion and their sum', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 50 }), { minLength: 1, maxLength: 5 }),
        fc.double({ min: 0.1, max: 500, noNaN: true }),
        (parts, total) => {
          const volumes = volumesFromParts(parts, total);
          expect(volumes.reduce((a, b) => a + b, 0)).toBeCloseTo(total, 6);
          expect((volumes[0] ?? 0) * (parts.at(-1) ?? 0)).toBeCloseTo((volumes.at(-1) ?? 0) * (parts[0] ?? 0), 6);
        },
      ),
    );
  });

  test('refuses what cannot be mixed', () => {
    expect(() => volumesFromParts([0, 0], 10)).toThrow('parts');
    expect(() => volumesFromParts([1, 2], 0)).toThrow('totalMl');
    expect(() => diluteStrength(70, 90, 100)).toThrow('wantedPct');
  });
});
