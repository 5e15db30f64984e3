import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  doneAt,
  eveningsOf,
  planEvenings as planWith,
  planFaults,
  type DryingLag,
  type Plan,
  type PlanOptions,
  type ScheduleOperation,
  type ScheduleProblem,
} from '../index.js';
import { DAY, dry, eveningsFor, inEvenings, op, spray } from './testing.js';

const EVENINGS = eveningsFor(60);
const operation = (id: string, job: string, durationMin: number, more: Partial<ScheduleOperation> = {}): ScheduleOperation =>
  op(id, durationMin, { job, ...more });
const sprayed = (id: string, job: string, durationMin: number, colour: string): ScheduleOperation =>
  spray(id, durationMin, colour, { job });
const problem = (...[operations, drying, more]: Parameters<typeof inEvenings>) =>
  inEvenings(operations, drying, { evenings: EVENINGS, ...more });
const planEvenings = (p: ScheduleProblem, options?: PlanOptions): Plan => planWith(p, options).plan;

describe('drying through evenings and nights', () => {
  test('adds up the shares', () => {
    // an hour of evening is a quarter of 240; the other three quarters take 300 of 400 night minutes
    expect(doneAt(EVENINGS, 1230, { eveningMin: 240, nightMin: 400 })).toBeCloseTo(1290 + 300);
  });

  test('never is never, unless the evening does it', () => {
    expect(doneAt(EVENINGS, 1230, { eveningMin: Infinity, nightMin: Infinity })).toBe(Infinity);
    expect(doneAt(EVENINGS, 1230, { eveningMin: 120, nightMin: Infinity })).toBeCloseTo(DAY + 1170 + 60);
  });

  test('a later start is never done earlier', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 9000 }),
        fc.integer({ min: 0, max: 900 }),
        fc.integer({ min: 1, max: 3000 }),
        fc.integer({ min: 1, max: 3000 }),
        (start, later, eveningMin, nightMin) => {
          const work = { eveningMin, nightMin };
          expect(doneAt(EVENINGS, start + later, work)).toBeGreaterThanOrEqual(doneAt(EVENINGS, start, work) - 1e-6);
        },
      ),
    );
  });
});

describe('a plan by evenings', () => {
  test('each has what begins in it, and nothing else', () => {
    const spans = fc.array(fc.tuple(fc.nat(60 * DAY), fc.nat(300)), { maxLength: 40 });
    fc.assert(
      fc.property(spans, (starts) => {
        const placed = starts
          .map(([startMin, minutes], i) => ({ id: String(i), startMin, endMin: startMin + minutes }))
          .sort((a, b) => a.startMin - b.startMin);
        const inside = EVENINGS.map((evening) => ({
          evening,
          placed: placed.filter(({ startMin }) => startMin >= evening.fromMin && startMin < evening.toMin),
        }));
        const found = eveningsOf({ placed, cleanings: [] }, EVENINGS);
        expect(found.map(({ evening, placed: here }) => ({ evening, placed: here }))).toEqual(
          inside.filter((one) => one.placed.length > 0),
        );
      }),
    );
  });
});

describe('planner', () => {
  test('two pieces share one pair of hands while coats dry', () => {
    const p = problem(
      [operation('a1', 'a', 20), operation('a2', 'a', 20), operation('b1', 'b', 20), operation('b2', 'b', 20)],
      [dry('a1', 'a2', 30), dry('b1', 'b2', 30)],
    );
    const plan = planEvenings(p);
    expect(planFaults(p, plan)).toEqual([]);
    expect(plan.eveningsUsed).toBe(1);
    // b1 is done while a1 dries: 20 + 30 + 20 + 20 at the least
    expect(plan.finishMin).toBeLessThanOrEqual(1170 + 90);
  });

  test('a chain that does not fit tonight any more begins tomorrow (looks back)', () => {
    // the coat would fit tonight, but its blend would fall into the night
    const p = problem(
      [operation('long', 'a', 95), operation('coat', 'b', 20), operation('blend', 'b', 10)],
      [dry('coat', 'blend', 15, 40)],
      { notBeforeMin: 1170 },
    );
    const plan = planEvenings({ ...p, operations: p.operations.map((o) => (o.id === 'long' ? { ...o, pinnedMin: 1170 } : o)) });
    expect(planFaults(p, plan)).toEqual([]);
    expect(plan.placed.find((x) => x.id === 'coat')?.startMin).toBeGreaterThanOrEqual(DAY + 1170);
  });

  test('the airbrush is cleaned between colours and at the end, not between coats of one', () => {
    const p = problem([sprayed('a', 'a', 10, 'green'), sprayed('b', 'b', 10, 'green'), sprayed('c', 'c', 10, 'black')]);
    const plan = planEvenings(p);
    expect(planFaults(p, plan)).toEqual([]);
    expect(plan.cleanings).toHaveLength(2);
  });

  test('a coat may come within the hour or after two days, not between', () => {
    const windows = [
      { open: { eveningMin: 10, nightMin: 10 }, close: { eveningMin: 60, nightMin: 60 } },
      { open: { eveningMin: 2880, nightMin: 2880 }, close: null },
    ];
    const p = problem([operation('a', 'j', 60), operation('b', 'j', 60)], [{ from: 'a', to: 'b', windows }]);
    const tight = { ...p, evenings: EVENINGS.map((e) => ({ ...e, toMin: e.fromMin + 90 })) };
    const plan = planEvenings(tight);
    expect(planFaults(tight, plan)).toEqual([]);
    expect(plan.placed[1]!.startMin - plan.placed[0]!.endMin).toBeGreaterThanOrEqual(2880);
  });

  test('says why a step found no evening', () => {
    const plan = planEvenings(problem([operation('a', 'j', 500), operation('b', 'j', 5)]));
    expect(plan.placed).toEqual([]);
    expect(plan.unplaced.map((u) => u.id)).toEqual(['a', 'b']);
    expect(plan.unplaced[0]?.why).toContain('the longest evening has 120 min');
    expect(planEvenings(problem([operation('a', 'j', 5)], [], { evenings: [] })).unplaced[0]?.why).toContain('no evenings');
    expect(planEvenings(problem([operation('a', 'j', 5), operation('b', 'j', 5)], [dry('a', 'b', Infinity)])).unplaced[0]?.why).toContain(
      'never dries',
    );
  });

  test('pinned steps keep their time, daylight waits for day', () => {
    const weekend = [{ fromMin: 5 * DAY + 600, toMin: 5 * DAY + 800 }];
    const evenings = [...EVENINGS, ...weekend].sort((a, b) => a.fromMin - b.fromMin);
    const daylight = Array.from({ length: 60 }, (_, d) => ({ fromMin: d * DAY + 540, toMin: d * DAY + 930 }));
    const p = problem([operation('a', 'a', 10, { pinnedMin: 3 * DAY + 1200 }), operation('b', 'b', 10, { daylight: true })], [], {
      evenings,
      daylight,
    });
    const plan = planEvenings(p);
    expect(planFaults(p, plan)).toEqual([]);
    expect(plan.placed.map((x) => x.startMin)).toEqual([3 * DAY + 1200, 5 * DAY + 600]);
  });

  const anyProblem = fc
    .array(
      fc.array(
        fc.record({
          duration: fc.integer({ min: 3, max: 40 }),
          colour: fc.option(fc.constantFrom('green', 'black', 'red')),
          open: fc.integer({ min: 0, max: 1500 }),
          night: fc.integer({ min: 0, max: 2500 }),
          close: fc.option(fc.integer({ min: 10, max: 90 }), { freq: 3 }),
        }),
        { minLength: 1, maxLength: 7 },
      ),
      { minLength: 1, maxLength: 6 },
    )
    .map((jobs) => {
      const operations = jobs.flatMap((steps, j) =>
        steps.map((s, i) =>
          s.colour
            ? sprayed(`${String(j)}.${String(i)}`, String(j), s.duration, s.colour)
            : operation(`${String(j)}.${String(i)}`, String(j), s.duration),
        ),
      );
      const lags = jobs.flatMap((steps, j) =>
        steps.slice(1).map((s, i): DryingLag => {
          const open = s.close === null ? { eveningMin: s.open, nightMin: s.night } : { eveningMin: s.open % 30, nightMin: s.open % 30 };
          const close = s.close === null ? null : { eveningMin: open.eveningMin + s.close, nightMin: open.eveningMin + s.close };
          return { from: `${String(j)}.${String(i)}`, to: `${String(j)}.${String(i + 1)}`, windows: [{ open, close }] };
        }),
      );
      return problem(operations, lags);
    });

  test('whatever is asked, no plan breaks anything', () => {
    fc.assert(
      fc.property(anyProblem, (p) => {
        const plan = planEvenings(p);
        expect(planFaults(p, plan)).toEqual([]);
        expect(planEvenings(p)).toEqual(plan);
      }),
      { numRuns: 200 },
    );
  });
});
