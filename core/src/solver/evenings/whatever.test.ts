import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { simulate } from '../../chances/index.js';
import { placesFor, planEvenings, planFaults, type DryingLag, type ScheduleOperation, type ScheduleProblem } from '../index.js';
import { compile } from './compile.js';
import { doneAt, firstAfter, startFor } from './drying-clock.js';
import { Places } from './places.js';
import { allOrders } from './orders.js';
import { earliestStarts, latestStarts } from './windows.js';

const DAY = 1440;
const evenings = Array.from({ length: 40 }, (_, day) => ({ fromMin: day * DAY + 1170, toMin: day * DAY + 1290 }));
const daylight = Array.from({ length: 40 }, (_, day) => ({ fromMin: day * DAY + 540, toMin: day * DAY + 1230 }));

/** Anything that the pieces of a workshop could ask of a planner: three jobs with all that an operation may have. */
const anything: fc.Arbitrary<ScheduleProblem> = fc
  .array(
    fc.record({
      minutes: fc.integer({ min: 2, max: 45 }),
      colour: fc.option(fc.constantFrom('white', 'green', 'black')),
      open: fc.integer({ min: 0, max: 1400 }),
      night: fc.integer({ min: 0, max: 2400 }),
      close: fc.option(fc.integer({ min: 10, max: 90 }), { freq: 4 }),
      daylight: fc.boolean(),
      stands: fc.option(fc.integer({ min: 1, max: 3 })),
      other: fc.option(fc.integer({ min: 2, max: 45 }), { freq: 4 }),
      pinned: fc.option(fc.integer({ min: 0, max: 9 }), { freq: 9 }),
      due: fc.option(fc.integer({ min: 1, max: 8 }), { freq: 3 }),
      drop: fc.boolean(),
    }),
    { minLength: 1, maxLength: 12 },
  )
  .map((list) => {
    const operations = list.map((one, i): ScheduleOperation => {
      const way = { resources: one.colour ? ['hands', 'airbrush'] : ['hands'], colour: one.colour };
      const dueMin = one.due === null ? null : one.due * DAY;
      return {
        id: `${'abc'[i % 3]!}${String(i)}`,
        job: 'abc'[i % 3]!,
        durationMin: one.minutes,
        ...way,
        daylight: one.daylight && i % 4 === 0,
        pinnedMin: one.pinned === null ? null : one.pinned * DAY + 1180,
        dueMin,
        dropCost: dueMin !== null && one.drop ? 1 : null,
        alternatives: one.other === null ? [] : [{ ...way, id: 'other', durationMin: one.other }],
        stands: one.stands === null ? null : { place: 'shelf', units: one.stands, until: { eveningMin: one.open, nightMin: one.night } },
      };
    });
    const drying = operations.slice(3).map(({ id }, i): DryingLag => {
      const { open, night, close, other } = list[i]!;
      const short = { eveningMin: open % 30, nightMin: open % 30 };
      const late = { eveningMin: (open % 30) + (close ?? 0), nightMin: (open % 30) + (close ?? 0) };
      const windows = close === null ? [{ open: { eveningMin: open, nightMin: night }, close: null }] : [{ open: short, close: late }];
      return {
        from: operations[i]!.id,
        to: id,
        windows,
        ...(other === null ? {} : { windowsIf: { other: [{ open: short, close: null }] } }),
      };
    });
    return {
      operations,
      lags: operations.slice(3).map(({ id }, i) => ({ from: operations[i]!.id, to: id, minMin: 0, maxMin: null })),
      drying,
      setup: { resource: 'airbrush', minutes: 6, holds: ['hands'], rinseMin: 3, darkness: { white: 5, green: 50, black: 95 } },
      capacities: { hands: 1, airbrush: 1, shelf: 4 },
      calendar: { evenings, daylight, notBeforeMin: 1000 },
    };
  });

describe('whatever is asked of evenings', () => {
  test('improving keeps every plan sound and never makes it worse', () => {
    fc.assert(
      fc.property(anything, fc.integer({ min: 1, max: 99 }), (problem, seed) => {
        const rules = planEvenings(problem);
        const better = planEvenings(problem, { drafts: 25, seed });
        expect(planFaults(problem, rules.plan)).toEqual([]);
        expect(planFaults(problem, better.plan)).toEqual([]);
        expect(better.cost.total).toBeLessThanOrEqual(rules.cost.total + 1e-9);
      }),
      { numRuns: 80 },
    );
  });

  test('what led to a plan leads to it again', () => {
    fc.assert(
      fc.property(anything, (problem) => {
        const found = planEvenings(problem, { drafts: 25 });
        // what is left out on purpose is not kept: it may be in time the next day
        fc.pre(
          found.plan.dropped.length === 0 && found.plan.unplaced.length === 0 && found.cost.lateMin === 0 && found.cost.missedPins === 0,
        );
        expect(planEvenings(problem, { start: found.start }).plan).toEqual(found.plan);
      }),
      { numRuns: 60 },
    );
  });

  test('no plan begins anything before it can begin, or ends before the bound', () => {
    fc.assert(
      fc.property(anything, (problem) => {
        const compiled = compile(problem);
        const earliest = earliestStarts(compiled);
        const { plan, bounds } = planEvenings(problem, { drafts: 10 });
        for (const { id, startMin } of plan.placed) {
          const { index } = compiled.nodes.find((node) => node.id === id)!;
          // what is left out no longer holds up what follows
          if (plan.dropped.length === 0) expect(startMin).toBeGreaterThanOrEqual((earliest[index] as number) - 1e-3);
        }
        if (plan.unplaced.length > 0 || plan.dropped.length > 0) return;
        expect(plan.eveningsUsed).toBeGreaterThanOrEqual(bounds.evenings);
        expect(plan.finishMin ?? Infinity).toBeGreaterThanOrEqual((bounds.finishMin ?? 0) - 1e-3);
      }),
      { numRuns: 80 },
    );
  });

  test('where nothing varies every run goes as planned', () => {
    fc.assert(
      fc.property(anything, (problem) => {
        const { plan } = planEvenings(problem);
        fc.pre(plan.placed.length > 0);
        expect(simulate(problem, plan, { runs: 3, seed: 1, spread: { drying: 0, handsOn: 0 } }).all).toBe(1);
      }),
      { numRuns: 60 },
    );
  });

  test('each place that is offered for a block leads to a sound plan with the block there', () => {
    fc.assert(
      fc.property(anything, fc.nat(), (problem, pick) => {
        const before = planEvenings(problem);
        fc.pre(before.plan.placed.length > 0);
        const { id, startMin } = before.plan.placed[pick % before.plan.placed.length]!;
        const evening = evenings.find((e) => startMin >= e.fromMin && startMin < e.toMin)!;
        for (const place of placesFor(problem, before, id, evening, 40)) {
          if (!place.planned) {
            expect(place.why).not.toBeNull();
            continue;
          }
          expect(place.planned.plan.placed.find((one) => one.id === id)?.startMin).toBe(place.startMin);
          const pinned = {
            ...problem,
            operations: problem.operations.map((one) => (one.id === id ? { ...one, pinnedMin: place.startMin } : one)),
          };
          expect(planFaults(pinned, place.planned.plan)).toEqual([]);
        }
      }),
      { numRuns: 40 },
    );
  });
});

describe('the parts of the planner', () => {
  test('room on a shelf: free from the first moment at which nothing is in the way', () => {
    const places = new Places({ shelf: 3 });
    const stand = (units: number) => ({ place: 'shelf', units, until: { eveningMin: 0, nightMin: 0 } });
    places.take(stand(2), 0, 100);
    const mark = places.mark();
    places.take(stand(1), 50, 150);
    expect(places.freeFrom(stand(1), 0, 40)).toBe(0);
    expect(places.freeFrom(stand(1), 20, 60)).toBe(100);
    expect(places.freeFrom(stand(2), 0, 10)).toBe(100);
    // more than there is takes all of it
    expect(places.freeFrom(stand(9), 0, 10)).toBe(150);
    expect(places.freeFrom({ ...stand(5), place: 'nowhere in particular' }, 7, 9)).toBe(7);
    places.backTo(mark);
    expect(places.freeFrom(stand(1), 20, 60)).toBe(20);
  });

  test('the start from which work is not done too soon', () => {
    const work = { eveningMin: 60, nightMin: 600 };
    const closesAt = (start: number): number => doneAt(evenings, start, work);
    const start = startFor(closesAt, 1170, 1290 + 200);
    expect(closesAt(start)).toBeGreaterThanOrEqual(1290 + 200 - 1e-3);
    expect(closesAt(start - 0.1)).toBeLessThan(1290 + 200);
    expect(startFor(closesAt, 1170, 1200)).toBe(1170);
  });

  test('the first after a moment', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 50 })), fc.integer({ min: -1, max: 51 }), (list, at) => {
        const sorted = [...list].sort((a, b) => a - b);
        const found = sorted.findIndex((one) => one > at);
        expect(firstAfter(sorted, at)).toBe(found < 0 ? sorted.length : found);
      }),
    );
  });
});

describe('counted back from the end', () => {
  test('nothing that is in time starts after its latest start', () => {
    fc.assert(
      fc.property(anything, (problem) => {
        // nobody waits for daylight here, and one operation at a time is what the plan adds
        const plain = {
          ...problem,
          operations: problem.operations.map((one) => ({ ...one, daylight: false, pinnedMin: null, dropCost: null, alternatives: [] })),
        };
        const compiled = compile(plain);
        const { plan } = planEvenings(plain);
        fc.pre(plan.unplaced.length === 0 && plan.finishMin !== null);
        const latest = latestStarts(compiled, plan.finishMin);
        for (const { id, startMin } of plan.placed) {
          const { index } = compiled.nodes.find((node) => node.id === id)!;
          expect(startMin).toBeLessThanOrEqual((latest[index] as number) + 1e-2);
        }
      }),
      { numRuns: 60 },
    );
  });
});

describe('every order', () => {
  test('of a few operations: as many as there are, each after what it follows', () => {
    const lags = [{ from: 'o0', to: 'o2', minMin: 0, maxMin: null }];
    const operations = ['o0', 'o1', 'o2'].map((id): ScheduleOperation => ({ id, durationMin: 5, resources: ['hands'] }));
    const { nodes } = compile({ operations, lags, setup: null, calendar: { evenings, daylight: [], notBeforeMin: 0 } });
    const orders = [...allOrders(nodes)];
    expect(orders).toHaveLength(3);
    for (const order of orders) expect(order.indexOf(0)).toBeLessThan(order.indexOf(2));
    // what lies outside is no condition
    expect([...allOrders(nodes.slice(1))]).toHaveLength(2);
  });
});

describe('each wish gets its way', () => {
  const jobs = ['a', 'b', 'c', 'd', 'e', 'f'];
  const problem: ScheduleProblem = {
    operations: jobs.flatMap((job) =>
      [0, 1].map((k): ScheduleOperation => ({ id: `${job}${String(k)}`, job, durationMin: 22, resources: ['hands'] })),
    ),
    lags: jobs.map((job) => ({ from: `${job}0`, to: `${job}1`, minMin: 0, maxMin: null })),
    drying: jobs.map((job) => ({ from: `${job}0`, to: `${job}1`, windows: [{ open: { eveningMin: 25, nightMin: 25 }, close: null }] })),
    setup: null,
    calendar: { evenings, daylight: [], notBeforeMin: 0 },
  };
  const NONE = { soonest: 0, fewest: 0, easy: 0, safe: 0 };
  const by = (wish: keyof typeof NONE) => planEvenings(problem, { wishes: { ...NONE, [wish]: 5 }, drafts: 400 });
  const fullness = ({ cost }: ReturnType<typeof by>): number => cost.fullness;

  test('fewest evenings, easy evenings, soonest, room before windows and ends', () => {
    const [fewest, easy, soonest, safe] = [by('fewest'), by('easy'), by('soonest'), by('safe')];
    expect(fewest.cost.evenings).toBe(fewest.bounds.evenings);
    expect(easy.cost.evenings).toBeGreaterThan(fewest.cost.evenings);
    expect(fullness(easy)).toBeLessThan(fullness(fewest));
    expect(soonest.cost.finishMin).toBeLessThanOrEqual(Math.min(easy.cost.finishMin, safe.cost.finishMin));
    const tightness = (found: ReturnType<typeof by>): number =>
      planEvenings(problem, { wishes: { ...NONE, safe: 1 }, start: found.start }).cost.tightness;
    expect(tightness(safe)).toBeLessThan(tightness(fewest));
  });
});
