import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { cupOfWeights, weighingOf } from './index.js';

const STEP_G = 0.01;

describe('weighing a cup in', () => {
  test('nothing in it yet: everything is still to come', () => {
    const weighing = weighingOf([3, 1], [0, 0], STEP_G);
    expect(weighing.components.map(({ stillG }) => stillG)).toEqual([3, 1]);
    expect(weighing).toMatchObject({ factor: 1, isDone: false });
  });

  test('too much of one raises the others, as nothing can be taken out', () => {
    // a tenth too much paint wants a tenth more thinner
    const weighing = weighingOf([3, 1], [3.3, 0.5], STEP_G);
    expect(weighing.factor).toBeCloseTo(1.1, 12);
    expect(weighing.components[0]).toMatchObject({ isIn: true, stillG: 0 });
    expect(weighing.components[1]!.targetG).toBeCloseTo(1.1, 12);
    expect(weighing.components[1]!.stillG).toBeCloseTo(0.6, 12);
  });

  test('two hundredths of it, or half a step of the scale, are right enough', () => {
    expect(weighingOf([3, 1], [3.05, 0.985], STEP_G)).toMatchObject({ factor: 1, isDone: true });
    expect(weighingOf([0.1, 1], [0.105, 1], STEP_G).isDone).toBe(true);
    expect(weighingOf([3, 1], [3.07, 1], STEP_G).isDone).toBe(false);
  });

  test('so little that the scale cannot tell it is told', () => {
    expect(weighingOf([0.02, 4], [0, 0], STEP_G).worstStepPct).toBeCloseTo(25, 9);
    expect(weighingOf([2, 4], [0, 0], STEP_G).worstStepPct).toBeCloseTo(0.25, 9);
  });

  test('whatever was poured: adding what is still wanted brings the ratio to within what is allowed', () => {
    const cup = fc
      .integer({ min: 1, max: 5 })
      .chain((n) =>
        fc.tuple(
          fc.array(fc.double({ min: 0.05, max: 40, noNaN: true }), { minLength: n, maxLength: n }),
          fc.array(fc.double({ min: 0, max: 60, noNaN: true }), { minLength: n, maxLength: n }),
        ),
      );
    fc.assert(
      fc.property(cup, ([targets, poured]) => {
        const before = weighingOf(targets, poured, STEP_G);
        expect(before.factor).toBeGreaterThanOrEqual(1);
        for (const { stillG } of before.components) expect(stillG).toBeGreaterThanOrEqual(0);
        const filled = before.components.map(({ inG, stillG }) => inG + stillG);
        const after = weighingOf(targets, filled, STEP_G);
        expect(after.isDone).toBe(true);
        // and it does not creep: the cup asks for no more than before
        expect(after.factor).toBeCloseTo(before.factor, 9);
      }),
    );
  });

  test('what cannot be weighed is refused by name', () => {
    expect(() => weighingOf([1], [], STEP_G)).toThrow('inG must hold 1');
    expect(() => weighingOf([0], [0], STEP_G)).toThrow('targetsG');
    expect(() => weighingOf([1], [-1], STEP_G)).toThrow('inG must be at least 0');
  });

  test('the cup becomes what was weighed: volumes by density, their sum, and what has no part stays out', () => {
    const cup = {
      components: [
        { material: 'acrylic-matt', bottleId: null, parts: 3 },
        { material: 'water', bottleId: null, parts: 0 },
        { material: 'acrylic-thinner', bottleId: null, parts: 1 },
      ],
      totalMl: 5,
    };
    const what = [1.2, 0.8].map((densityGPerMl) => ({ dropsPerMl: 20, densityGPerMl, powder: false }));
    const weighed = cupOfWeights(cup, [2.4, 0.8], what);
    expect(weighed.components.map(({ parts }) => parts)).toEqual([2, 0, 1]);
    expect(weighed.totalMl).toBe(3);
    expect(() => cupOfWeights(cup, [1, 1], [{ ...what[0]!, densityGPerMl: 0 }, what[1]!])).toThrow('density of component 1');
  });
});
