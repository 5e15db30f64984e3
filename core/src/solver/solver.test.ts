import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { scheduleFaults, solveSchedule, type Schedule, type ScheduleLag, type ScheduleProblem } from './index.js';

/** A clock that only counts how often it is asked: the same on every machine. */
const ticking = () => {
  let ticks = 0;
  return () => ticks++;
};
const solved = (problem: ScheduleProblem, timeLimitMs = Infinity) => solveSchedule(problem, { timeLimitMs, seed: 7, now: ticking() });

/** The best by trying every order of the operations and starting each as soon as all before it allow, max lags repaired by pushing. */
function bruteForce({ operations, lags, setup }: ScheduleProblem): number | null {
  const count = operations.length;
  const indexOf = new Map(operations.map(({ id }, i) => [id, i]));
  let best: number | null = null;
  const order: number[] = [];
  const used = new Set<number>();
  const latest = (): void => {
    // a fixed order on the resources: longest paths by going round until nothing moves
    const start = operations.map(({ releaseMin = 0 }) => releaseMin);
    for (let round = 0, moved = true; moved; round++) {
      moved = false;
      const push = (i: number, at: number): void => {
        if (at > (start[i] ?? 0) + 1e-9) {
          start[i] = at;
          moved = true;
        }
      };
      for (const { from, to, minMin, maxMin } of lags) {
        const [a, b] = [indexOf.get(from)!, indexOf.get(to)!];
        const end = start[a]! + operations[a]!.durationMin;
        push(b, end + minMin);
        if (maxMin !== null) push(a, start[b]! - maxMin - operations[a]!.durationMin);
      }
      for (let i = 0; i < count; i++)
        for (let k = i + 1; k < count; k++) {
          const [one, other] = [operations[order[i]!]!, operations[order[k]!]!];
          const shared = one.resources.filter((resource) => other.resources.includes(resource));
          if (shared.length === 0) continue;
          const wants = setup && shared.includes(setup.resource) && (one.colour ?? null) !== (other.colour ?? null) ? setup.minutes : 0;
          push(order[k]!, start[order[i]!]! + one.durationMin + wants);
        }
      if (round > 4 * count * count + 20 || Math.max(...start) > 10_000) return;
    }
    const end = Math.max(...operations.map(({ durationMin }, i) => start[i]! + durationMin));
    if (best === null || end < best) best = end;
  };
  const extend = (): void => {
    if (order.length === count) {
      latest();
      return;
    }
    for (let i = 0; i < count; i++) {
      if (used.has(i)) continue;
      used.add(i);
      order.push(i);
      extend();
      order.pop();
      used.delete(i);
    }
  };
  extend();
  return best;
}

const smallProblem: fc.Arbitrary<ScheduleProblem> = fc
  .record({
    operations: fc.array(
      fc.record({
        durationMin: fc.integer({ min: 0, max: 20 }),
        resources: fc.constantFrom<string[]>(['hands'], ['hands', 'airbrush'], ['booth'], []),
        colour: fc.constantFrom('green', 'red', null),
        releaseMin: fc.constantFrom(0, 0, 0, 15),
      }),
      { minLength: 1, maxLength: 5 },
    ),
    lags: fc.array(
      fc.record({
        from: fc.nat(4),
        to: fc.nat(4),
        minMin: fc.integer({ min: 0, max: 25 }),
        width: fc.option(fc.integer({ min: 0, max: 20 })),
      }),
      { maxLength: 5 },
    ),
    minutes: fc.integer({ min: 0, max: 15 }),
  })
  .map(({ operations, lags, minutes }) => ({
    operations: operations.map((operation, i) => ({ ...operation, id: `o${String(i)}` })),
    lags: lags.flatMap(({ from, to, minMin, width }): ScheduleLag[] =>
      from < to && to < operations.length
        ? [{ from: `o${String(from)}`, to: `o${String(to)}`, minMin, maxMin: width === null ? null : minMin + width }]
        : [],
    ),
    setup: { resource: 'airbrush', minutes },
  }));

describe('the solver', () => {
  test('equals trying every order, on 300 small problems', () => {
    let solvable = 0;
    fc.assert(
      fc.property(smallProblem, (problem) => {
        const { schedule, proven, lowerBoundMin } = solved(problem);
        const best = bruteForce(problem);
        expect(proven).toBe(true);
        if (best !== null) solvable++;
        expect(schedule?.makespanMin ?? null).toEqual(best === null ? null : expect.closeTo(best, 6));
        if (schedule) {
          expect(scheduleFaults(problem, schedule)).toEqual([]);
          expect(lowerBoundMin).toBeLessThanOrEqual(schedule.makespanMin + 1e-6);
        }
      }),
      { numRuns: 300 },
    );
    expect(solvable).toBeGreaterThan(100);
  });

  test('says when there is none, on problems with windows so tight that many cannot be', () => {
    const tight = fc
      .array(fc.tuple(fc.integer({ min: 4, max: 12 }), fc.integer({ min: 0, max: 22 })), { minLength: 2, maxLength: 4 })
      .map((given): ScheduleProblem => ({
        operations: [
          { id: 'first', durationMin: 5, resources: ['hands'] },
          ...given.map(([durationMin], i) => ({ id: `o${String(i)}`, durationMin, resources: ['hands'] })),
        ],
        lags: given.map(([, maxMin], i) => ({ from: 'first', to: `o${String(i)}`, minMin: 0, maxMin })),
        setup: null,
      }));
    let impossible = 0;
    fc.assert(
      fc.property(tight, (problem) => {
        const { schedule, proven } = solved(problem);
        const best = bruteForce(problem);
        if (best === null) impossible++;
        expect(proven).toBe(true);
        expect(schedule?.makespanMin ?? null).toEqual(best);
      }),
    );
    expect(impossible).toBeGreaterThan(20);
  });

  const jobShop = (jobs: readonly (readonly [number, number][])[]): ScheduleProblem => ({
    operations: jobs.flatMap((job, j) =>
      job.map(([machine, durationMin], k) => ({ id: `${String(j)}.${String(k)}`, durationMin, resources: [`m${String(machine)}`] })),
    ),
    lags: jobs.flatMap((job, j) =>
      job.slice(1).map((_, k) => ({ from: `${String(j)}.${String(k)}`, to: `${String(j)}.${String(k + 1)}`, minMin: 0, maxMin: null })),
    ),
    setup: null,
  });
  const manyJobs = jobShop(
    Array.from({ length: 8 }, (_, j) =>
      Array.from({ length: 5 }, (_, k): [number, number] => [(j * 3 + k * 2) % 5, 5 + ((j * 7 + k * 11) % 23)]),
    ),
  );

  test('is interrupted and keeps what it has: sound, better the longer it ran, told as it goes', () => {
    const run = (limit: number) => {
      const told: number[] = [];
      const { schedule } = solveSchedule(manyJobs, {
        timeLimitMs: limit,
        seed: 3,
        now: ticking(),
        onProgress: ({ makespanMin }) => told.push(makespanMin),
      });
      expect(scheduleFaults(manyJobs, schedule!)).toEqual([]);
      expect([...told].sort((a, b) => b - a)).toEqual(told);
      expect(told.at(-1)).toBe(schedule!.makespanMin);
      return schedule!.makespanMin;
    };
    expect(run(60)).toBeLessThanOrEqual(run(2));
  });

  test('the same seed and the same time give the same schedule', () => {
    expect(solved(manyJobs, 30)).toEqual(solved(manyJobs, 30));
  });

  test('green before green needs no cleaning, green before red does', () => {
    const spray = (id: string, colour: string) => ({ id, durationMin: 10, resources: ['hands', 'airbrush'], colour });
    const problem = (colours: string[]): ScheduleProblem => ({
      operations: colours.map((c, i) => spray(`o${String(i)}`, c)),
      lags: [],
      setup: { resource: 'airbrush', minutes: 6 },
    });
    expect(solved(problem(['green', 'green'])).schedule?.makespanMin).toBe(20);
    expect(solved(problem(['green', 'red', 'green'])).schedule?.makespanMin).toBe(36);
  });

  test('nothing to do is done at once', () => {
    expect(solved({ operations: [], lags: [], setup: null })).toEqual({
      schedule: { startsMin: {}, makespanMin: 0 },
      lowerBoundMin: 0,
      proven: true,
      evenings: null,
    });
  });

  test.each<[string, Partial<ScheduleProblem>, string]>([
    [
      'an id twice',
      {
        operations: [
          { id: 'a', durationMin: 1, resources: [] },
          { id: 'a', durationMin: 1, resources: [] },
        ],
      },
      "operation id 'a' must occur once",
    ],
    ['a duration below 0', { operations: [{ id: 'a', durationMin: -1, resources: [] }] }, "durationMin of 'a' must be at least 0, got -1"],
    ['a lag to nowhere', { lags: [{ from: 'a', to: 'z', minMin: 0, maxMin: null }] }, "lag names operation 'z', which is not there"],
    ['a lag inside out', { lags: [{ from: 'a', to: 'b', minMin: 9, maxMin: 3 }] }, 'must have minMin ≤ maxMin, got 9 and 3'],
  ])('%s is refused, named', (_what, given, words) => {
    const plain = {
      operations: [
        { id: 'a', durationMin: 1, resources: [] },
        { id: 'b', durationMin: 1, resources: [] },
      ],
      lags: [],
      setup: null,
    };
    expect(() => solved({ ...plain, ...given })).toThrow(words);
  });
});

describe('the independent checker', () => {
  const problem: ScheduleProblem = {
    operations: [
      { id: 'a', durationMin: 10, resources: ['hands', 'airbrush'], colour: 'green' },
      { id: 'b', durationMin: 5, resources: ['hands', 'airbrush'], colour: 'red', releaseMin: 3 },
    ],
    lags: [{ from: 'a', to: 'b', minMin: 8, maxMin: 20 }],
    setup: { resource: 'airbrush', minutes: 12 },
  };
  test.each<[Schedule, string[]]>([
    [{ startsMin: { a: 0, b: 22 }, makespanMin: 27 }, []],
    [{ startsMin: { a: 0, b: 19 }, makespanMin: 24 }, ['airbrush is not free']],
    [{ startsMin: { a: 0, b: 15 }, makespanMin: 20 }, ['less than 8', 'airbrush is not free']],
    [{ startsMin: { a: 0, b: 31 }, makespanMin: 36 }, ['more than 20']],
    [{ startsMin: { a: 0, b: 22 }, makespanMin: 26 }, ['the makespan is 27, not 26']],
    [{ startsMin: { a: -1, b: 21 }, makespanMin: 26 }, ['a starts at -1, before it may']],
    [{ startsMin: { a: 0 }, makespanMin: 10 }, ['b has no start']],
  ])('%o', (schedule, words) => {
    const faults = scheduleFaults(problem, schedule).join('; ');
    for (const word of words) expect(faults).toContain(word);
    if (words.length === 0) expect(faults).toBe('');
  });
});
