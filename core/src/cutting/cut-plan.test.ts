import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import * as loaded from 'highs';
import { cutPlan, type CutPlan, type CuttingProblem } from './index.js';

/** Reckoned from the problem alone. */
function faults({ stockLengthMm, kerfMm, demand, offcutsMm = [] }: CuttingProblem, { strips }: CutPlan): string[] {
  const cut = demand.map((_, line) =>
    strips.flatMap(({ cuts }) => cuts).reduce((sum, one) => sum + (one.line === line ? one.count : 0), 0),
  );
  const used = strips.filter(({ isOffcut }) => isOffcut).map(({ lengthMm }) => lengthMm);
  return [
    ...demand.flatMap(({ count }, line) => (cut[line] === count ? [] : [`line ${String(line)}: ${String(cut[line])} of ${String(count)}`])),
    ...strips.flatMap(({ lengthMm, cuts, restMm }) => {
      const pieces = cuts.reduce((sum, { count }) => sum + count, 0);
      const length = cuts.reduce((sum, one) => sum + one.lengthMm * one.count, 0) + (pieces - 1) * kerfMm;
      return length > lengthMm + 1e-6 || length + restMm > lengthMm + 0.01 ? [`${String(length)} on ${String(lengthMm)}`] : [];
    }),
    ...strips.flatMap(({ isOffcut, lengthMm }) => (isOffcut || lengthMm === stockLengthMm ? [] : ['a strip that is not of the stock'])),
    ...(used.every((mm) => used.filter((one) => one === mm).length <= offcutsMm.filter((one) => one === mm).length)
      ? []
      : ['offcut used twice']),
  ];
}

/** The fewest strips by trying every way to add one piece after the other. */
function byTrying({ stockLengthMm, kerfMm, demand }: CuttingProblem): number {
  const pieces = demand.flatMap(({ lengthMm, count }) => Array.from({ length: count }, () => Math.round(lengthMm * 10)));
  const room = Math.round((stockLengthMm + kerfMm) * 10);
  const kerf = Math.round(kerfMm * 10);
  let best = pieces.length;
  const go = (at: number, strips: number[]): void => {
    if (strips.length >= best) return;
    const piece = pieces[at];
    if (piece === undefined) {
      best = strips.length;
      return;
    }
    strips.forEach((used, i) => {
      if (used + piece + kerf <= room) go(at + 1, strips.with(i, used + piece + kerf));
    });
    go(at + 1, [...strips, piece + kerf]);
  };
  go(0, []);
  return best;
}

const line = (longest: number, most: number) =>
  fc.record({ lengthMm: fc.integer({ min: 50, max: longest * 10 }).map((tenths) => tenths / 10), count: fc.nat(most) });
const kerfMm = fc.constantFrom(0, 0.3, 0.5, 1, 2);

describe('cut plans', () => {
  test('a cut list covers what is wanted and fits, whatever is asked; a proven one meets its bound', () => {
    const problems = fc.record({
      stockLengthMm: fc.constantFrom(300, 609.6, 914.4),
      kerfMm,
      demand: fc.array(line(300, 30), { maxLength: 8 }),
      offcutsMm: fc.array(fc.integer({ min: 10, max: 290 }), { maxLength: 4 }),
    });
    fc.assert(
      fc.property(problems, (problem) => {
        const plan = cutPlan(problem);
        expect(faults(problem, plan)).toEqual([]);
        expect(plan.newStrips).toBe(plan.strips.filter(({ isOffcut }) => !isOffcut).length);
        expect(plan.least).toBeLessThanOrEqual(plan.newStrips);
        expect(plan.proven).toBe(plan.least === plan.newStrips);
      }),
    );
  });

  test('up to eight pieces no way of cutting takes fewer strips', () => {
    const problems = fc.record({ stockLengthMm: fc.constant(100), kerfMm, demand: fc.array(line(100, 3), { minLength: 1, maxLength: 3 }) });
    fc.assert(
      fc.property(
        problems.filter(({ demand }) => demand.reduce((sum, { count }) => sum + count, 0) <= 8),
        (problem) => {
          const { newStrips, proven } = cutPlan(problem);
          expect(newStrips).toBe(byTrying(problem));
          expect(proven).toBe(true);
        },
      ),
      { numRuns: 60 },
    );
  });

  test('an offcut never makes more new strips, and neither does one piece less', () => {
    const problems = fc.record({ stockLengthMm: fc.constant(300), kerfMm, demand: fc.array(line(250, 8), { minLength: 1, maxLength: 4 }) });
    fc.assert(
      fc.property(problems, fc.integer({ min: 20, max: 280 }), (problem, offcut) => {
        const without = cutPlan(problem);
        fc.pre(without.proven);
        expect(cutPlan({ ...problem, offcutsMm: [offcut] }).newStrips).toBeLessThanOrEqual(without.newStrips);
        const fewer = problem.demand.map((one, i) => (i === 0 ? { ...one, count: Math.max(0, one.count - 1) } : one));
        expect(cutPlan({ ...problem, demand: fewer }).newStrips).toBeLessThanOrEqual(without.newStrips);
      }),
    );
  });

  /** HiGHS (MIT licence, a solver of its own) packs the same pieces: a strip for each, opened or not. */
  test('HiGHS needs as many strips', async () => {
    // the package is typed as CommonJS and comes as a module
    const load = loaded.default as unknown as typeof loaded.default.default;
    const highs = await load();
    const demand = [
      { lengthMm: 171.45, count: 3 },
      { lengthMm: 127, count: 5 },
      { lengthMm: 88.9, count: 4 },
      { lengthMm: 63.3, count: 5 },
    ];
    const [room, most] = [609.6 + 0.5, 5];
    const strips = Array.from({ length: most }, (_, s) => s);
    const x = (i: number, s: number): string => `x${String(i)}_${String(s)}`;
    const model = [
      `Minimize obj: ${strips.map((s) => `y${String(s)}`).join(' + ')}`,
      'Subject To',
      ...demand.map(({ count }, i) => `d${String(i)}: ${strips.map((s) => x(i, s)).join(' + ')} = ${String(count)}`),
      ...strips.map(
        (s) =>
          `c${String(s)}: ${demand.map(({ lengthMm }, i) => `${String(lengthMm + 0.5)} ${x(i, s)}`).join(' + ')} - ${String(room)} y${String(s)} <= 0`,
      ),
      'Bounds',
      ...demand.flatMap(({ count }, i) => strips.map((s) => `0 <= ${x(i, s)} <= ${String(count)}`)),
      'General',
      demand.flatMap((_, i) => strips.map((s) => x(i, s))).join(' '),
      'Binary',
      strips.map((s) => `y${String(s)}`).join(' '),
      'End',
    ].join('\n');
    const { ObjectiveValue } = highs.solve(model);
    expect(cutPlan({ stockLengthMm: 609.6, kerfMm: 0.5, demand })).toMatchObject({ newStrips: Math.round(ObjectiveValue), proven: true });
  });

  test('two hundred pieces in six lengths are proven, and pieces that fill a strip to the hair fit', () => {
    const demand = [241.3, 171.45, 127, 114.3, 88.9, 38.1].map((lengthMm, i) => ({ lengthMm, count: [20, 25, 30, 35, 40, 50][i] ?? 0 }));
    expect(cutPlan({ stockLengthMm: 609.6, kerfMm: 0.5, demand }).proven).toBe(true);
    expect(cutPlan({ stockLengthMm: 609.6, kerfMm: 0, demand: [{ lengthMm: 38.1, count: 16 }] })).toMatchObject({
      newStrips: 1,
      strips: [{ restMm: 0 }],
    });
  });

  test.each([
    [{ stockLengthMm: 0, kerfMm: 0, demand: [] }, 'stockLengthMm'],
    [{ stockLengthMm: 10, kerfMm: -1, demand: [] }, 'kerfMm'],
    [{ stockLengthMm: 10, kerfMm: 0, demand: [{ lengthMm: 11, count: 1 }] }, 'demand[0].lengthMm must be at most the 10 mm'],
    [{ stockLengthMm: 10, kerfMm: 0, demand: [{ lengthMm: 1, count: 1.5 }] }, 'demand[0].count'],
    [{ stockLengthMm: 10, kerfMm: 0, demand: [{ lengthMm: NaN, count: 1 }] }, 'demand[0].lengthMm'],
    [{ stockLengthMm: 10, kerfMm: 0, demand: [], offcutsMm: [0] }, 'offcutsMm[0]'],
  ])('what makes no sense is refused by name: %j', (problem, words) => {
    expect(() => cutPlan(problem)).toThrow(words);
  });
});
