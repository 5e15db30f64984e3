import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { planEvenings, planFaults, type ScheduleOperation, type ScheduleProblem } from '../solver/index.js';
import { seededFrom } from '../units/index.js';
import { SAFE_CHANCE, safePlan, simulate, spreadFactor, type SimulateOptions } from './index.js';

const DAY = 1440;
const evenings = Array.from({ length: 20 }, (_, day) => ({ fromMin: day * DAY + 1170, toMin: day * DAY + 1290 }));
const work = (minutes: number) => ({ eveningMin: minutes, nightMin: minutes });

function problem(
  operations: readonly [id: string, minutes: number][],
  drying: readonly [from: string, to: string, open: number, close?: number][],
): ScheduleProblem {
  return {
    operations: operations.map(([id, durationMin]): ScheduleOperation => ({ id, job: id[0] ?? '', durationMin, resources: ['hands'] })),
    lags: operations
      .slice(1)
      .flatMap(([id], i) => (operations[i]?.[0][0] === id[0] ? [{ from: operations[i]![0], to: id, minMin: 0, maxMin: null }] : [])),
    drying: drying.map(([from, to, open, close]) => ({
      from,
      to,
      windows: [{ open: work(open), close: close === undefined ? null : work(close) }],
    })),
    setup: null,
    calendar: { evenings, daylight: [], notBeforeMin: 0 },
  };
}
const options = (more: Partial<SimulateOptions> = {}): SimulateOptions => ({ runs: 2000, seed: 7, ...more });
const chancesOf = (given: ScheduleProblem, more: Partial<SimulateOptions> = {}) => simulate(given, planEvenings(given).plan, options(more));

describe('a spread of times', () => {
  test('has median 1 and the σ it was asked for', () => {
    const random = seededFrom(3);
    const logs = Array.from({ length: 20_000 }, () => Math.log(spreadFactor(random, 0.25))).sort((a, b) => a - b);
    expect(logs[10_000]).toBeCloseTo(0, 1);
    expect(Math.sqrt(logs.reduce((sum, one) => sum + one * one, 0) / logs.length)).toBeCloseTo(0.25, 2);
    expect(spreadFactor(random, 0)).toBe(1);
  });
});

describe('a plan carried out many times', () => {
  test('what is not ready is passed over for what is: an evening goes well in whatever order', () => {
    // a2 is dry when half of the evening is over, or much later; b1 can be done meanwhile
    const given = problem(
      [
        ['a1', 10],
        ['a2', 10],
        ['b1', 20],
      ],
      [['a1', 'a2', 40]],
    );
    const plan = { ...planEvenings(given).plan };
    const b1 = { id: 'b1', startMin: 1221, endMin: 1241 };
    const asked = { ...plan, placed: [...plan.placed.filter(({ id }) => id !== 'b1'), b1] };
    const { all, likelyMin, likelyAllMin } = simulate(given, asked, options());
    expect(all).toBeGreaterThan(0.95);
    expect(likelyMin['b']).toBeLessThan(likelyMin['a']!);
    expect(likelyAllMin).toBe(likelyMin['a']);
  });

  test('the likely end is that of the middle run', () => {
    const { likelyMin } = chancesOf(problem([['a1', 60]], []));
    expect(likelyMin['a']).toBeGreaterThan(1170 + 58);
    expect(likelyMin['a']).toBeLessThan(1170 + 62);
  });

  const easy = problem(
    [
      ['a1', 20],
      ['b1', 20],
    ],
    [],
  );

  test('nothing that varies, nothing that goes wrong', () => {
    const { all, evenings: each } = chancesOf(
      problem(
        [
          ['a1', 60],
          ['a2', 20],
        ],
        [['a1', 'a2', 40]],
      ),
      { spread: { drying: 0, handsOn: 0 } },
    );
    expect(all).toBe(1);
    expect(each.every(({ chance, breakers }) => chance === 1 && breakers.length === 0)).toBe(true);
  });

  test('a coat that is just dry at the evening’s end holds every other time, and is named', () => {
    // 20 min of work, 80 of drying, 20 of work: to the minute; only drying varies
    const tight = problem(
      [
        ['a1', 20],
        ['a2', 20],
      ],
      [['a1', 'a2', 80]],
    );
    const { evenings: each, all } = chancesOf(tight, { spread: { drying: 0.25, handsOn: 0 } });
    expect(each).toHaveLength(1);
    expect(each[0]!.chance).toBeCloseTo(0.5, 1);
    expect(all).toBe(each[0]!.chance);
    expect(each[0]!.breakers).toMatchObject([{ id: 'a2', how: 'not-ready' }]);
  });

  test('the chance is that of the log-normal', () => {
    // ready after 60 of the 80 minutes there are: Φ(ln(80/60)/0.25) = Φ(1.151) = 0.875
    const slack = problem(
      [
        ['a1', 20],
        ['a2', 20],
      ],
      [['a1', 'a2', 60]],
    );
    expect(chancesOf(slack, { spread: { drying: 0.25, handsOn: 0 }, runs: 8000 }).all).toBeCloseTo(0.875, 1.7);
  });

  test('too much work is told as no time left, a window gone by as missed', () => {
    const full = problem(
      [
        ['a1', 60],
        ['b1', 60],
      ],
      [],
    );
    expect(chancesOf(full).evenings[0]!.breakers[0]).toMatchObject({ id: 'b1', how: 'no-time' });
    // the hands are busy with b while the window on a closes
    const closing = problem(
      [
        ['a1', 10],
        ['a2', 10],
        ['b1', 20],
      ],
      [['a1', 'a2', 15, 21]],
    );
    const spread = { drying: 0.2, handsOn: 0.6 };
    const { plan } = planEvenings(closing);
    const filled = {
      ...plan,
      placed: [
        { id: 'a1', startMin: 1170, endMin: 1180 },
        { id: 'b1', startMin: 1180, endMin: 1200 },
        { id: 'a2', startMin: 1200, endMin: 1210 },
      ],
    };
    const missed = simulate(closing, filled, options({ spread })).evenings[0]!.breakers;
    expect(missed.some(({ id, how }) => id === 'a2' && how === 'missed')).toBe(true);
    // as planned b comes after the window: the wait before it is not filled with what takes longer
    expect(plan.placed.map(({ id }) => id)).toEqual(['a1', 'a2', 'b1']);
    expect(simulate(closing, plan, options({ spread })).evenings[0]!.breakers.some(({ how }) => how === 'missed')).toBe(false);
  });

  test('one more round takes its minutes', () => {
    const full = problem(
      [
        ['a1', 50],
        ['a2', 60],
      ],
      [],
    );
    const rounds = [{ after: 'a1', minutes: 30, chance: 0.4 }];
    const still = { drying: 0, handsOn: 0 };
    expect(chancesOf(full, { spread: still }).all).toBe(1);
    expect(chancesOf(full, { spread: still, rounds }).all).toBeCloseTo(0.6, 1);
  });

  test('what is not done is gone on with: all gets done in the end, and no later share is smaller', () => {
    const full = problem(
      [
        ['a1', 60],
        ['b1', 60],
        ['c1', 60],
        ['d1', 60],
      ],
      [],
    );
    const { doneBy } = chancesOf(full);
    expect(doneBy.at(-1)!.share).toBeCloseTo(1, 9);
    doneBy.slice(1).forEach(({ share }, i) => expect(share).toBeGreaterThanOrEqual(doneBy[i]!.share));
  });

  test('the same seed gives the same, any other much the same', () => {
    expect(chancesOf(easy)).toEqual(chancesOf(easy));
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), (seed) => {
        const tight = problem(
          [
            ['a1', 20],
            ['a2', 20],
          ],
          [['a1', 'a2', 70]],
        );
        expect(Math.abs(chancesOf(tight, { seed }).all - chancesOf(tight).all)).toBeLessThan(0.08);
      }),
      { numRuns: 10 },
    );
  });
});

describe('the safe side', () => {
  test('takes more time and holds; a plan that holds already is left as it is', () => {
    const full = problem(
      [
        ['a1', 60],
        ['b1', 58],
        ['c1', 40],
      ],
      [],
    );
    const usual = planEvenings(full, { drafts: 50 });
    const { planned, chances } = safePlan(full, { drafts: 50 }, options());
    expect(planFaults(full, planned.plan)).toEqual([]);
    expect(Math.min(...chances.evenings.map(({ chance }) => chance))).toBeGreaterThanOrEqual(SAFE_CHANCE);
    expect(planned.plan.eveningsUsed).toBeGreaterThanOrEqual(usual.plan.eveningsUsed);
    const roomy = problem([['a1', 20]], []);
    expect(safePlan(roomy, {}, options()).planned.plan).toEqual(planEvenings(roomy).plan);
  });
});
