import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { plainEntry, type LogEntry } from '../log/index.js';
import { worked } from '../log/testing.js';
import { CATALOGUE, EMPTY_SHELF, suppliesOf, plainBottle } from '../materials/index.js';
import { DEFAULT_WORKSHOP, planPieces } from '../schedule/index.js';
import { MONDAY, everyEvening, vanWith, type Short } from '../schedule/testing.js';
import { handsOnMinutes, roomyBench } from '../sequence/index.js';
import { momentOf, normal, seededFrom } from '../units/index.js';
import { SPREADS, factorOf, learntDrying, learntMinutes, looksOdd, paceOf, posterior, type Learnt } from './index.js';

const BENCH = { ...roomyBench(CATALOGUE), boothModels: 6 };
const SEVEN = 19 * 60;

/** Normal numbers of a seeded source. */
function normals(seed: number): () => number {
  const random = seededFrom(seed);
  return () => normal(random);
}

describe('the posterior', () => {
  test('agrees with the closed form worked by hand', () => {
    // τ = 0.5, σ = 0.25, two cases of 0.2 and 0.4: precision 4 + 32 = 36, mean (0.6 · 16)/36
    const { mean, sd } = posterior([0.2, 0.4], 0.5, 0.25);
    expect(mean).toBeCloseTo(9.6 / 36, 12);
    expect(sd).toBeCloseTo(1 / 6, 12);
  });

  test('with nothing seen it is the label, and its range is the prior’s', () => {
    const { factor, lowFactor, highFactor } = factorOf(posterior([], 0.25, 0.25));
    expect(factor).toBe(1);
    expect(highFactor).toBeCloseTo(Math.exp(1.2815515655 * 0.25), 9);
    expect(lowFactor * highFactor).toBeCloseTo(1, 12);
    expect(() => posterior([], 0, 1)).toThrow('above 0');
  });

  test('agrees with the posterior summed over a fine grid', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -1, max: 1, noNaN: true }), { maxLength: 12 }),
        fc.double({ min: 0.1, max: 0.6, noNaN: true }),
        fc.double({ min: 0.1, max: 0.6, noNaN: true }),
        (seen, tau, sigma) => {
          const STEP = 0.002;
          let [total, first, second] = [0, 0, 0];
          for (let x = -4; x <= 4; x += STEP) {
            const logWeight = -(x ** 2) / (2 * tau ** 2) - seen.reduce((sum, one) => sum + (one - x) ** 2 / (2 * sigma ** 2), 0);
            const peak = seen.reduce((sum, one) => sum + one ** 2 / (2 * sigma ** 2), 0);
            const weight = Math.exp(logWeight + Math.min(peak, 700) * 0.5);
            total += weight;
            first += weight * x;
            second += weight * x * x;
          }
          const { mean, sd } = posterior(seen, tau, sigma);
          expect(first / total).toBeCloseTo(mean, 3);
          expect(Math.sqrt(second / total - (first / total) ** 2)).toBeCloseTo(sd, 3);
        },
      ),
      { numRuns: 60 },
    );
  });

  test('more cases make it surer, and pull it from the label to what is seen', () => {
    const at = (n: number) =>
      posterior(
        Array.from({ length: n }, () => 0.5),
        0.25,
        0.25,
      );
    for (let n = 1; n < 20; n++) {
      expect(at(n).sd).toBeLessThan(at(n - 1).sd);
      expect(at(n).mean).toBeGreaterThan(at(n - 1).mean);
      expect(at(n).mean).toBeLessThan(0.5);
    }
  });

  test('on benches whose true factor is known, the range holds it four times out of five', () => {
    const next = normals(7);
    let held = 0;
    const BENCHES = 2000;
    for (let bench = 0; bench < BENCHES; bench++) {
      const truth = next() * SPREADS.drying.prior;
      const seen = Array.from({ length: 1 + (bench % 6) }, () => truth + next() * SPREADS.drying.noise);
      const { lowFactor, highFactor } = factorOf(posterior(seen, SPREADS.drying.prior, SPREADS.drying.noise));
      if (lowFactor <= Math.exp(truth) && Math.exp(truth) <= highFactor) held++;
    }
    expect(held / BENCHES).toBeGreaterThan(0.78);
    expect(held / BENCHES).toBeLessThan(0.82);
  });
});

describe('a bench that learns', () => {
  const BRUSHED: Short = ['brush-coat', 'acrylic-matt', { bottleId: 'green' }];
  const van = vanWith(
    'van',
    Array.from({ length: 30 }, () => BRUSHED),
  );
  const label = handsOnMinutes(van.steps[0]!, van, BENCH);
  const supplies = suppliesOf({
    bottles: [plainBottle({ id: 'green', name: 'Line green', material: 'acrylic-matt', colour: '#4a5a3c' })],
    materials: [],
  });

  /** So many coats brushed by a hand whose true factor is known. */
  const brushed = (count: number, truth: number, spread: number, seed: number): LogEntry[] => {
    const next = normals(seed);
    return Array.from({ length: count }, (_, i) => {
      const minutes = label * truth * Math.exp(next() * spread);
      return worked(van, i, [SEVEN, SEVEN + minutes], { date: MONDAY });
    });
  };

  test('finds the true minutes of a simulated hand, shrunk to the label while cases are few', () => {
    const learnt = (count: number) => learntMinutes(brushed(count, 1.6, 0.2, 3), [van], { ...BENCH, supplies })[0]!;
    expect(learnt(30).factor).toBeCloseTo(1.6, 0);
    expect(Math.abs(learnt(30).factor - 1.6)).toBeLessThan(0.15);
    expect(learnt(1).factor).toBeLessThan(1.6);
    expect(learnt(1).factor).toBeGreaterThan(1);
    expect(learnt(30)).toMatchObject({ key: 'brush-coat/flat brush', used: 30 });
    expect(learnt(30).highFactor - learnt(30).lowFactor).toBeLessThan(learnt(1).highFactor - learnt(1).lowFactor);
  });

  test('learns drying of each bottle, from what a dry finger found', () => {
    const tried = (i: number, minutes: number): LogEntry => {
      const one = worked(van, i, [SEVEN, SEVEN + 10], { date: MONDAY });
      return { ...one, dryTest: { at: momentOf(MONDAY, SEVEN + 10 + minutes), labelMin: 60 } };
    };
    const [green] = learntDrying(
      [0, 1, 2, 3, 4, 5].map((i) => tried(i, 90)),
      supplies,
    );
    expect(green).toMatchObject({ key: 'green', name: 'Line green', used: 6 });
    expect(green!.factor).toBeCloseTo(Math.exp((6 * Math.log(1.5)) / 7), 9);
  });

  test('what is set aside, still goes on or was typed teaches nothing', () => {
    const log = brushed(3, 2, 0.01, 1);
    const aside = [{ ...log[0]!, setAside: 'the clock ran on' }, log[1]!, { ...log[2]!, endedAt: null }];
    const [hands] = learntMinutes(aside, [van], { ...BENCH, supplies });
    expect(hands).toMatchObject({ used: 1 });
    expect(hands!.cases).toHaveLength(2);
    const typed = { ...log[1]!, step: { ...log[1]!.step!, handsOnMin: 5 } };
    expect(learntMinutes([typed], [van], BENCH)).toEqual([]);
    expect(learntMinutes(log, [], BENCH)).toEqual([]);
  });

  test('one that is far from the others is called odd, and only that one', () => {
    const log = brushed(8, 1.3, 0.1, 5);
    const slip = { ...log[7]!, tookMin: label * 1.3 * 4 };
    const [hands] = learntMinutes([...log.slice(0, 7), slip], [van], { ...BENCH, supplies }) as [Learnt];
    expect(hands.cases.filter((one) => looksOdd(one, hands)).map(({ entryId }) => entryId)).toEqual([slip.id]);
  });

  test('plans are made with it, where that is wanted', () => {
    const next = vanWith('next', [BRUSHED, ['clear-coat', 'clear-matt-acrylic']]);
    const log = brushed(20, 2, 0.05, 9).map((one) => ({ ...one, dryTest: { at: momentOf(MONDAY, SEVEN + 400), labelMin: 60 } }));
    const shelf = { bottles: [...supplies.bottles], materials: [] };
    const minutesOf = (learning: { minutes: boolean; drying: boolean }) =>
      planPieces({
        pieces: [next, { ...van, archivedOn: MONDAY }],
        workshop: everyEvening({ learning }),
        shelf,
        log,
        originDate: MONDAY,
        nowMin: SEVEN,
      }).pieces[0]!;
    const [plain, hands, both] = [
      minutesOf({ minutes: false, drying: false }),
      minutesOf({ minutes: true, drying: false }),
      minutesOf({ minutes: true, drying: true }),
    ];
    expect(hands.handsOnMin[0]! / plain.handsOnMin[0]!).toBeGreaterThan(1.7);
    const ripens = (own: typeof plain) => own.reports[0]!.ripening!.recoatFromMin - own.reports[0]!.endMin;
    expect(ripens(hands)).toBeCloseTo(ripens(plain), 6);
    expect(ripens(both) / ripens(plain)).toBeGreaterThan(3);
    // what was learnt is not learnt again
    const pace = paceOf(log, [van], { ...BENCH, supplies }, { minutes: true, drying: true });
    expect(learntMinutes(log, [van], { ...BENCH, supplies: { ...supplies, pace } })[0]!.factor).toBeCloseTo(
      learntMinutes(log, [van], { ...BENCH, supplies })[0]!.factor,
      12,
    );
  });

  test('a coat that was found dry is dry from then on', () => {
    const two = vanWith('two', [
      ['brush-coat', 'enamel-matt'],
      ['clear-coat', 'clear-matt-acrylic'],
    ]);
    const plain = worked(two, 0, [SEVEN, SEVEN + 10], { date: MONDAY });
    const at = (log: LogEntry[]) =>
      planPieces({
        pieces: [two],
        workshop: { ...DEFAULT_WORKSHOP, learning: { minutes: false, drying: false } },
        shelf: EMPTY_SHELF,
        log,
        originDate: MONDAY,
        nowMin: SEVEN + 15,
      }).pieces[0]!.reports[1]!;
    const label = at([plain]).earliestMin - (SEVEN + 10);
    const found = at([{ ...plain, dryTest: { at: momentOf(MONDAY, SEVEN + 10 + label / 2), labelMin: label } }]);
    expect(found.earliestMin - (SEVEN + 10)).toBeCloseTo(label / 2, -1);
  });

  test('an entry without a step teaches nothing', () => {
    const note = plainEntry({ id: 'n', kind: 'note', pieceId: 'van', startedAt: `${MONDAY}T19:00:00` });
    expect(learntDrying([note], CATALOGUE)).toEqual([]);
  });
});
