import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  boundsOf,
  collidingWishes,
  compile,
  moved,
  placesFor,
  planEvenings,
  planFaults,
  solveSchedule,
  whyNotEarlier,
  type ScheduleProblem,
} from '../index.js';
import { DAY, dry, eveningsFor, inEvenings, op, spray, work } from './testing.js';

const evenings = eveningsFor(20);
const problem = inEvenings;
const startsOf = (p: ScheduleProblem) => new Map(planEvenings(p).plan.placed.map(({ id, startMin }) => [id, startMin]));

describe('what a move spoils', () => {
  const oneEvening = { evenings: eveningsFor(1) };

  test('what never had a place is not its fault; what loses its own is, and is named', () => {
    const hopeless = problem([op('a1', 30), op('b1', 500)], [], oneEvening);
    expect(moved(hopeless, planEvenings(hopeless), 'a1', 1200)).toMatchObject({ why: null });
    // 60 and 55 minutes fill the evening: in its middle the first leaves no room for the other
    const full = problem([op('a1', 60), op('b1', 55)], [], oneEvening);
    expect(moved(full, planEvenings(full), 'a1', 1200)).toMatchObject({
      planned: null,
      because: 'b1',
      why: expect.stringContaining('another step'),
    });
  });

  test('what was put off by hand may be put to an earlier minute', () => {
    const p = problem([op('a1', 30)]);
    const later = planEvenings(p, { start: { order: ['a1'], keptFree: [], fromMin: { a1: 1240 }, chosen: {} } });
    const sooner = moved(p, later, 'a1', 1180);
    expect(sooner).toMatchObject({ why: null, startMin: 1180 });
    expect(sooner.planned!.start.fromMin).toEqual({});
  });

  test('of two with dates the one that misses its own is named', () => {
    const p = problem([op('a1', 60, { dueMin: 2 * DAY }), op('b1', 100, { dueMin: DAY })], [], { evenings: eveningsFor(2) });
    expect(moved(p, planEvenings(p), 'a1', 1180)).toMatchObject({ because: 'b1', why: 'a piece would then miss its date' });
  });
});

describe('why not earlier', () => {
  const because = (p: ScheduleProblem, id: string) => whyNotEarlier(p, planEvenings(p).plan, id);

  test('the paint below, the hands, the cleaning, the evening before, the pin, now', () => {
    const p = problem([op('a1', 20), op('a2', 20), op('b1', 30)], [dry('a1', 'a2', 40)]);
    expect(because(p, 'a2')).toEqual({ kind: 'dries', by: 'a1', untilMin: 1170 + 60 });
    expect(because(p, 'b1')).toEqual({ kind: 'busy', by: 'a1', untilMin: 1190 });
    const sprayed = problem([spray('a1', 20, 'green'), spray('b1', 20, 'red')]);
    expect(because(sprayed, 'b1')).toEqual({ kind: 'busy', by: null, untilMin: 1196 });
    const full = problem([op('a1', 100), op('b1', 60)]);
    expect(because(full, 'b1')).toMatchObject({ kind: 'evening' });
    const pinned = problem([op('a1', 10, { pinnedMin: 1200 })]);
    expect(because(pinned, 'a1')).toEqual({ kind: 'pinned' });
    const late = problem([op('a1', 10)], [], { daylight: [], notBeforeMin: 1180 });
    expect(because(late, 'a1')).toEqual({ kind: 'now' });
  });

  test('a window that would close before its step can come', () => {
    // the evening has room for the coat, but not for the blend that must follow it
    const p = problem([op('b1', 95, { pinnedMin: 1170 }), op('a1', 20), op('a2', 10)], [dry('a1', 'a2', 15, 40)]);
    expect(because(p, 'a1')).toMatchObject({ kind: 'closes', by: 'a2', couldMin: 1265 });
  });

  test('a full place, and what the plan has chosen', () => {
    const stands = { place: 'shelf', units: 2, until: work(60) };
    const room = problem([op('a1', 10, { stands }), op('b1', 10, { stands })], [], { capacities: { hands: 1, airbrush: 1, shelf: 3 } });
    expect(because(room, 'b1')).toEqual({ kind: 'room', place: 'shelf' });
    const p = problem([op('a1', 10)]);
    const put = planEvenings(p, { start: { order: ['a1'], keptFree: [], fromMin: { a1: 1200 }, chosen: {} } });
    expect(whyNotEarlier(p, put.plan, 'a1')).toEqual({ kind: 'chosen', couldMin: 1170 });
  });

  test('daylight, and a name that is not there', () => {
    const weekend = [{ fromMin: 480, toMin: 700 }];
    const p = problem([op('a1', 30, { daylight: true })], [], {
      evenings: weekend,
      daylight: [{ fromMin: 540, toMin: 930 }],
    });
    expect(because(p, 'a1')).toEqual({ kind: 'daylight', untilMin: 540 });
    expect(() => because(p, 'zz')).toThrow("got 'zz'");
  });

  test('always the truth: what is said to hold it up ends where it begins', () => {
    const any = fc.array(fc.record({ minutes: fc.integer({ min: 3, max: 50 }), open: fc.integer({ min: 0, max: 900 }) }), {
      minLength: 2,
      maxLength: 9,
    });
    fc.assert(
      fc.property(any, (list) => {
        const operations = list.map(({ minutes }, i) => op(`${'abc'[i % 3]!}${String(i)}`, minutes));
        const drying = operations.slice(3).map(({ id }, i) => dry(operations[i]!.id, id, list[i]!.open));
        const p = problem(operations, drying);
        const { plan } = planEvenings(p);
        for (const { id, startMin } of plan.placed) {
          const binding = whyNotEarlier(p, plan, id);
          expect(binding).not.toBeNull();
          if (binding && 'untilMin' in binding && binding.kind !== 'evening')
            expect(Math.abs(binding.untilMin - startMin)).toBeLessThanOrEqual(1.001);
        }
      }),
      { numRuns: 60 },
    );
  });
});

describe('moving a step', () => {
  const p = problem([op('a1', 20), op('a2', 20), op('b1', 30, { dueMin: DAY })], [dry('a1', 'a2', 40)]);
  const before = planEvenings(p);

  test('the rest closes up, and the plan is sound', () => {
    const { planned, why } = moved(p, before, 'a2', 1265);
    expect(why).toBeNull();
    expect(planned!.plan.placed.find(({ id }) => id === 'a2')!.startMin).toBe(1265);
    expect(
      planFaults({ ...p, operations: p.operations.map((one) => (one.id === 'a2' ? { ...one, pinnedMin: 1265 } : one)) }, planned!.plan),
    ).toEqual([]);
  });

  test('what becomes impossible is said and not done', () => {
    const why = (id: string, startMin: number) => moved(p, before, id, startMin).why;
    expect(why('a2', 1195)).toBe('what lies below is not dry by then');
    expect(why('a2', 1275)).toBe('it ends after the evening');
    expect(why('a2', 1100)).toBe('there is no evening then');
    expect(why('a2', 1170)).toMatch(/not done by then|not dry/);
    expect(why('b1', DAY + 1170)).toBe('a piece would then miss its date');
    expect(() => moved(p, before, 'zz', 1170)).toThrow(RangeError);
    const closing = problem([op('a1', 10), op('a2', 10)], [dry('a1', 'a2', 10, 20)], {
      operations: [op('a1', 10, { pinnedMin: 1170 }), op('a2', 10)],
    });
    expect(moved(closing, planEvenings(closing), 'a2', 1250).why).toBe('the window on what lies below is closed then');
    const sprayed = problem([spray('a1', 30, 'green')]);
    expect(moved(sprayed, planEvenings(sprayed), 'a1', 1258).why).toBe('with the cleaning it ends after the evening');
  });

  test('each reason is told at its own edge', () => {
    const dark = problem([op('a1', 20, { daylight: true })], [], { daylight: [{ fromMin: 1170, toMin: 1200 }] });
    const why = (of: typeof p, id: string, startMin: number) => moved(of, planEvenings(of), id, startMin).why;
    expect([1180, 1181].map((at) => why(dark, 'a1', at))).toEqual([null, 'it is dark then']);
    const released = problem([], [], { operations: [op('a1', 20, { releaseMin: 1200 })] });
    expect([1199, 1200].map((at) => why(released, 'a1', at))).toEqual(['what is done already is not ready by then', null]);
    const closing = problem([op('a1', 20, { startsIn: [{ fromMin: 1200, toMin: 1210 }] })]);
    expect([1199, 1210, 1211].map((at) => why(closing, 'a1', at))).toEqual([
      'the window on what is done already is closed then',
      null,
      'the window on what is done already is closed then',
    ]);
    const past = problem([op('a1', 20)], [], { notBeforeMin: 1190 });
    expect([1189, 1190].map((at) => why(past, 'a1', at))).toEqual(['that time is past', null]);
    // to the minute at which the evening ends
    expect([1270, 1271].map((at) => why(problem([op('a1', 20)]), 'a1', at))).toEqual([null, 'it ends after the evening']);
  });

  test('a step that takes another’s place says whose', () => {
    const tight = problem([op('a1', 60), op('b1', 60, { dueMin: 1290 })]);
    expect(moved(tight, planEvenings(tight), 'a1', 1200)).toMatchObject({ planned: null, because: 'b1' });
  });

  test('what comes first is brought forward for it', () => {
    const behind = problem([op('b1', 60), op('a1', 20), op('a2', 20)]);
    expect(moved(behind, planEvenings(behind), 'a2', 1195).why).toBeNull();
  });

  test('places of an evening are judged one by one', () => {
    const places = placesFor(p, before, 'a2', evenings[0]!, 10);
    expect(places).toHaveLength(12);
    expect(places.filter(({ why }) => why === null).map(({ startMin }) => startMin)).toEqual([1230, 1240, 1250, 1260, 1270]);
  });
});

describe('wishes that collide', () => {
  test('the smallest set is named, nothing that has no part in it', () => {
    const p = problem(
      [op('a1', 20), op('a2', 20, { pinnedMin: 1180 }), op('b1', 10, { pinnedMin: DAY + 1200 }), op('c1', 10, { dueMin: 2 * DAY })],
      [],
    );
    expect(collidingWishes(p)!.map(({ kind, id }) => `${kind} ${id}`)).toEqual(['pinned a2']);
    const both = problem([op('a1', 60, { pinnedMin: 1170 }), op('b1', 60, { pinnedMin: 1200 }), op('c1', 10, { pinnedMin: DAY + 1170 })]);
    expect(collidingWishes(both)!.map(({ id }) => id)).toEqual(['a1', 'b1']);
  });

  test('none collide, or it is not the wishes', () => {
    expect(collidingWishes(problem([op('a1', 20, { dueMin: DAY })]))).toEqual([]);
    expect(collidingWishes(problem([op('a1', 500, { dueMin: DAY })]))).toBeNull();
  });

  test('a date that drying does not allow', () => {
    const p = problem([op('a1', 20, { dueMin: DAY }), op('a2', 20, { dueMin: DAY })], [dry('a1', 'a2', 1000)]);
    expect(collidingWishes(p)!.map(({ kind }) => kind)).toEqual(['due']);
  });
});

describe('other ways, what may be left out, and room to dry', () => {
  test('the dryer is used where it saves an evening and only there', () => {
    const blown = { id: 'blown', durationMin: 20, resources: ['hands'], colour: null };
    const windowsIf = { blown: [{ open: work(30), close: null }] };
    const slow = problem([op('a1', 20, { alternatives: [blown] }), op('a2', 20)], [{ ...dry('a1', 'a2', 300), windowsIf }]);
    const { plan } = planEvenings(slow, { drafts: 200 });
    expect(plan.chosen).toEqual({ a1: 'blown' });
    expect(plan.eveningsUsed).toBe(1);
    expect(planFaults(slow, plan)).toEqual([]);
    const quick = problem([op('a1', 20, { alternatives: [blown] }), op('a2', 20)], [{ ...dry('a1', 'a2', 10), windowsIf }]);
    expect(planEvenings(quick, { drafts: 200 }).plan.chosen).toEqual({});
  });

  test('what may be left out is left out when it would be late, the least wanted first', () => {
    const dueMin = 1170 + 60;
    const p = problem([op('a1', 30, { dueMin }), op('a2', 20, { dueMin, dropCost: 1 }), op('a3', 30, { dueMin, dropCost: null })]);
    const { plan, cost } = planEvenings(p, { drafts: 100 });
    expect(plan.dropped).toEqual(['a2']);
    expect(cost.lateMin).toBe(0);
    expect(planFaults(p, plan)).toEqual([]);
  });

  test('no more stands wet than there is room for', () => {
    const stands = { place: 'shelf', units: 2, until: work(100) };
    const operations = ['a', 'b', 'c', 'd'].map((job) => op(`${job}1`, 5, { stands }));
    const p = problem(operations, [], { capacities: { hands: 1, airbrush: 1, shelf: 4 } });
    const { plan } = planEvenings(p);
    expect(planFaults(p, plan)).toEqual([]);
    expect(plan.placed.map(({ startMin }) => startMin)).toEqual([1170, 1175, 1270, 1275]);
  });

  test('a workshop without an airbrush says so', () => {
    const p = problem([spray('a1', 10, 'green')], [], { capacities: { hands: 1, airbrush: 0 } });
    expect(planEvenings(p).plan.unplaced).toEqual([{ id: 'a1', why: 'the workshop has no airbrush' }]);
  });
});

describe('the door', () => {
  test('improves on rules, tells each better plan, and stops in time', () => {
    // the rule that takes the most urgent first needs an evening more than is needed
    const operations = Array.from({ length: 12 }, (_, i) => op(`${'abcdef'[i % 6]!}${String(i)}`, 15 + ((i * 7) % 30)));
    const p = problem(
      operations,
      operations.slice(6).map(({ id }, i) => dry(operations[i]!.id, id, 60 + 90 * i)),
    );
    let clock = 0;
    const told: number[] = [];
    const solution = solveSchedule(p, {
      timeLimitMs: 300,
      now: () => clock++,
      onProgress: (_best, _bound, plan) => told.push(plan!.cost.total),
    });
    expect(solution.schedule).not.toBeNull();
    expect(planFaults(p, solution.evenings!.plan)).toEqual([]);
    expect(clock).toBeLessThan(320);
    told.slice(1).forEach((cost, i) => expect(cost).toBeLessThan(told[i]!));
    expect(solution.lowerBoundMin).toBeLessThanOrEqual(solution.schedule!.makespanMin);
    expect(solution.evenings!.plan.eveningsUsed).toBeGreaterThanOrEqual(solution.evenings!.bounds.evenings);
    expect(solveSchedule(p, { timeLimitMs: 300, now: stepping() })).toEqual(solveSchedule(p, { timeLimitMs: 300, now: stepping() }));
  });

  test('what can never be is proven', () => {
    const p = problem([op('a1', 20), op('a2', 20)], [dry('a1', 'a2', Infinity)]);
    expect(solveSchedule(p, { timeLimitMs: 20, now: stepping() })).toMatchObject({ schedule: null, proven: true, lowerBoundMin: Infinity });
  });

  test('nonsense is refused by name', () => {
    expect(() => compile({ operations: [], lags: [], setup: null })).toThrow('calendar must be given');
    expect(() => compile(problem([op('a1', -1)]))).toThrow("durationMin of 'a1' must be at least 0, got -1");
    expect(() => compile(problem([op('a1', 1)], [dry('a1', 'zz', 1)]))).toThrow("'zz', which is not there");
    expect(() => compile(problem([op('a1', 1), op('a1', 1)]))).toThrow('must occur once');
    expect(() => compile(problem([op('a1', 1), op('a2', 1)], [dry('a2', 'a1', 1)]))).toThrow('circle');
  });

  test('bounds count evenings by work and by nights', () => {
    expect(boundsOf(compile(problem([op('a1', 100), op('b1', 100), op('c1', 100)])))).toEqual({ finishMin: 2 * DAY + 1230, evenings: 3 });
    expect(boundsOf(compile(problem([op('a1', 10), op('a2', 10), op('a3', 10)], [dry('a1', 'a2', 600), dry('a2', 'a3', 600)])))).toEqual({
      finishMin: 2 * DAY + 1180,
      evenings: 3,
    });
    expect(boundsOf(compile(problem([])))).toEqual({ finishMin: null, evenings: 0 });
  });

  test('a kept plan is made again, with what is new fitted in', () => {
    const p = problem([op('a1', 60), op('b1', 60)]);
    const start = planEvenings(p, { start: { order: ['b1', 'a1'], keptFree: [evenings[0]!.fromMin], fromMin: {}, chosen: {} } }).start;
    const again = planEvenings(problem([op('a1', 60), op('b1', 60), op('c1', 20)]), { start });
    expect(again.plan.placed.map(({ id }) => id)).toEqual(['b1', 'a1', 'c1']);
    expect(again.plan.placed[0]!.startMin).toBe(DAY + 1170);
    expect(startsOf(p).get('a1')).toBe(1170);
  });
});

function stepping(): () => number {
  let clock = 0;
  return () => clock++;
}

test('what should fall into the wet does, where it can; else it waits until that is hard', () => {
  const windows = [
    { open: work(0), close: work(20) },
    { open: work(600), close: null },
  ];
  const wet = (minutes: number) =>
    problem([op('b1', 30), op('a1', 20), op('a2', minutes)], [{ from: 'a1', to: 'a2', windows, prefersFirst: true }]);
  const at = startsOf(wet(20));
  expect(at.get('a2')! - at.get('a1')!).toBeLessThanOrEqual(40);
  // it never fits into the evening that the wet is laid in
  const later = startsOf(wet(110));
  expect(later.get('a2')! - later.get('a1')!).toBeGreaterThanOrEqual(600);
});

test('something is left out for what comes after it, though it would be in time itself', () => {
  const dueMin = 1170 + 60;
  const p = problem([
    op('a1', 30, { dueMin }),
    op('a2', 20, { dueMin, dropCost: 1 }),
    op('a3', 5, { dueMin, dropCost: 3 }),
    op('a4', 25, { dueMin }),
  ]);
  const { plan } = planEvenings(p, { drafts: 40 });
  expect(plan.dropped).toEqual(['a2']);
  expect(planFaults(p, plan)).toEqual([]);
});

test('a kept plan that no longer works gives way to simple rules', () => {
  const start = { order: ['a1'], keptFree: evenings.slice(0, 19).map(({ fromMin }) => fromMin), fromMin: {}, chosen: {} };
  const roomy = planEvenings(problem([op('a1', 60)]), { start });
  expect(roomy.plan.placed[0]!.startMin).toBe(evenings[19]!.fromMin);
  // one more piece than the one evening that is left can hold
  const crowded = planEvenings(problem([op('a1', 60), op('b1', 100)]), { start });
  expect(crowded.plan.unplaced).toEqual([]);
  expect(crowded.plan.placed[0]!.startMin).toBe(evenings[0]!.fromMin);
});

describe('what is done already', () => {
  const within = (...startsIn: [number, number][]) => ({ startsIn: startsIn.map(([fromMin, toMin]) => ({ fromMin, toMin })) });

  test('opens stretches in which alone an operation may start', () => {
    expect(startsOf(problem([op('a1', 10, within([1200, 1210]))])).get('a1')).toBe(1200);
    // the first is in no evening
    expect(startsOf(problem([op('a1', 10, within([300, 400], [DAY + 1180, DAY + 1185]))])).get('a1')).toBe(DAY + 1180);
  });

  test('what closes soon comes before what can wait', () => {
    const p = problem([op('b1', 60), op('a1', 20, within([0, 1180]))]);
    expect(startsOf(p).get('a1')).toBeLessThanOrEqual(1180);
    expect(planEvenings(p).plan.unplaced).toEqual([]);
  });

  test('a stretch in no evening leaves it without a place; the bound knows, the check does not take it', () => {
    const p = problem([op('a1', 10, within([300, 400]))]);
    const { plan, bounds } = planEvenings(p);
    expect(plan.unplaced.map(({ id }) => id)).toEqual(['a1']);
    expect(bounds.finishMin).toBe(Infinity);
    expect(planFaults(p, { ...plan, unplaced: [], placed: [{ id: 'a1', startMin: 1170, endMin: 1180 }] })).toEqual([
      'a1 starts where nothing is open for it',
    ]);
  });

  test('a pin does not ask; a move outside is refused; a release is told as such', () => {
    expect(startsOf(problem([op('a1', 10, { ...within([300, 400]), pinnedMin: 1200 })])).get('a1')).toBe(1200);
    const p = problem([op('a1', 10, within([1200, 1240]))]);
    expect(moved(p, planEvenings(p), 'a1', 1250).why).toContain('closed');
    const later = problem([op('a1', 10, { releaseMin: 1190 })]);
    expect(whyNotEarlier(later, planEvenings(later).plan, 'a1')).toEqual({ kind: 'released', untilMin: 1190 });
    expect(moved(later, planEvenings(later), 'a1', 1175).why).toContain('not ready');
  });
});
