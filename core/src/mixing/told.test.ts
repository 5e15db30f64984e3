import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { USUAL_INSTRUMENTS, countedMl, countedOut, isBrushTip, powderWords, readableMl, takenWords, type Measured } from './index.js';

const paint: Measured = { dropsPerMl: 20, densityGPerMl: 1, powder: false };
const powder: Measured = { dropsPerMl: 20, densityGPerMl: 0.7, powder: true };

describe('amounts as a person takes them', () => {
  test('by hand: drops to three millilitres, then the syringe', () => {
    const counted = (ml: number) => countedOut([ml], 'drops', [paint]).components[0]!;
    expect(counted(3)).toMatchObject({ by: 'drops', count: 60 });
    expect(counted(3.4)).toMatchObject({ by: 'syringe', ml: expect.closeTo(3.4) });
    // whoever counts in caps goes on with caps
    expect(countedOut([8], 'caps', [paint]).components[0]!.by).toBe('caps');
  });

  test('by hand: powder by the pinch, the spoon, the gram', () => {
    const { spoonMl } = USUAL_INSTRUMENTS;
    expect([0.1, 0.4, 1, 2.6, 20].map((spoons) => powderWords(spoons * spoonMl, powder))).toEqual([
      'a pinch',
      '0.5 level spoon',
      '1 level spoon',
      '2.5 level spoons',
      '8 g',
    ]);
  });

  test('what is counted is told by the piece, never as half of one', () => {
    const tufts: Measured = { ...powder, eachMl: 0.3 };
    const told = (ml: number, what: Measured): string => takenWords(ml, what, USUAL_INSTRUMENTS, (volume) => `${String(volume)} ml`);
    expect([0.3, 0.31, 6, 0].map((ml) => told(ml, tufts))).toEqual(['1 piece', '2 pieces', '20 pieces', '0 pieces']);
    expect([told(0.02, paint), told(4, paint), told(0, paint), told(0, powder)]).toEqual(['a brush tip', '4 ml', '0 ml', '0 ml']);
    expect(told(USUAL_INSTRUMENTS.spoonMl, powder)).toBe('1 level spoon');
  });

  test('below half a drop it is a brush tip', () => {
    expect([0.02, 0.03].map((ml) => isBrushTip(ml, paint))).toEqual([true, false]);
  });

  test('whatever it is, it is never told as nothing, and a volume is read within a step of what it is', () => {
    fc.assert(
      fc.property(fc.double({ min: 1e-6, max: 900, noNaN: true }), (ml) => {
        expect(powderWords(ml, powder)).not.toMatch(/^0 /);
        expect(countedMl(ml)).toBeGreaterThan(0);
        expect(Math.abs(countedMl(ml) - ml)).toBeLessThanOrEqual(ml <= 3 ? 0.1 : 2.5);
        expect(Math.abs(readableMl(ml) - ml)).toBeLessThanOrEqual(ml < 10 ? 0.25 : ml < 50 ? 0.5 : 2.5);
      }),
    );
  });
});
