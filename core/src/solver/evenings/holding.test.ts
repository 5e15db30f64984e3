import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { boundsOf } from './bounds.js';
import { compile } from './compile.js';
import { planEvenings, planFaults, type ScheduleProblem } from '../index.js';
import type { DryingLag, ScheduleOperation } from '../problem.js';
import { DAY, dry, eveningsFor, inEvenings, op, work } from './testing.js';

const starts = (problem: ScheduleProblem): Map<string, number> =>
  new Map(planEvenings(problem).plan.placed.map(({ id, startMin }) => [id, startMin]));
const tonight = eveningsFor(1)[0]!;

describe('room at the end of an evening', () => {
  test('by hand: of two hours 102 minutes are planned; what is longer, pinned or may fill it takes the rest', () => {
    const two = (more: object = {}) => inEvenings([op('a1', 90), op('b1', 20, more)], [], { fillShare: 0.85 });
    expect(starts(two()).get('b1')).toBe(tonight.fromMin + DAY);
    expect(starts(two({ fills: true })).get('b1')).toBe(tonight.fromMin + 90);
    expect(starts(two({ pinnedMin: tonight.fromMin + 95 })).get('b1')).toBe(tonight.fromMin + 95);
    expect(starts(inEvenings([op('a1', 115)], [], { fillShare: 0.85 })).get('a1')).toBe(tonight.fromMin);
  });

  test('no plan beats its bound, however much of the evenings is filled', () => {
    const minutes = fc.array(fc.integer({ min: 5, max: 120 }), { minLength: 1, maxLength: 12 });
    fc.assert(
      fc.property(minutes, fc.constantFrom(0.5, 0.85, 1), (all, fillShare) => {
        const problem = inEvenings(
          all.map((one, i) => op(`${String.fromCharCode(97 + i)}1`, one)),
          [],
          { fillShare },
        );
        const { plan } = planEvenings(problem);
        expect(planFaults(problem, plan)).toEqual([]);
        if (plan.unplaced.length > 0) return;
        const bound = boundsOf(compile(problem));
        expect(plan.eveningsUsed).toBeGreaterThanOrEqual(bound.evenings);
        expect(plan.finishMin!).toBeGreaterThanOrEqual(bound.finishMin! - 1e-6);
      }),
    );
  });
});

describe('what dries over a night', () => {
  // dry half an hour before the next evening begins; on the careful side five hours later
  const wait = DAY - 60;
  const coat = [op('a1', 30), op('a2', 20)];

  const at = (drying: DryingLag[], overNights: number, more: ScheduleOperation[] = []): number =>
    starts(inEvenings([...coat, ...more], drying, { overNights })).get('a2')!;

  test('is given more time where that takes no more evenings, though the last of them may be later', () => {
    const drying = [dry('a1', 'a2', wait)];
    expect(at(drying, 1)).toBeLessThan(tonight.fromMin + DAY + 120);
    expect(at(drying, 1.25)).toBeGreaterThanOrEqual(tonight.fromMin + 2 * DAY);
  });

  test('but not where it would take one more, nor where its window would be gone', () => {
    // the other piece works on two evenings; on the third nobody would
    const busy = [op('b1', 30), op('b2', 20)];
    expect(at([dry('a1', 'a2', wait), dry('b1', 'b2', 300)], 1.25, busy)).toBeLessThan(tonight.fromMin + DAY + 120);
    const closing = [{ from: 'a1', to: 'a2', windows: [{ open: work(wait), close: work(wait + 100) }] }];
    const problem = inEvenings(coat, closing, { overNights: 1.25 });
    const { plan } = planEvenings(problem);
    expect(plan.unplaced).toEqual([]);
    expect(planFaults(problem, plan)).toEqual([]);
  });
});

describe('what belongs together', () => {
  test('is torn only where there is no other way: a date is missed rather', () => {
    const chain = {
      from: 'a1',
      to: 'a2',
      windows: [
        { open: work(0), close: work(60) },
        { open: work(60), close: null },
      ],
      prefersFirst: true,
      holds: true,
    };
    // with hands busy between it would be torn, unless it begins tomorrow and is late
    const problem = inEvenings([op('b1', 100, { pinnedMin: tonight.fromMin + 15 }), op('a1', 15), op('a2', 20)], [chain]);
    const { plan } = planEvenings(problem, { drafts: 60 });
    const at = new Map(plan.placed.map((one) => [one.id, one]));
    expect(at.get('a2')!.startMin - at.get('a1')!.endMin).toBeLessThanOrEqual(60);
  });

  test('a step is not lost because another was moved for a window that cannot be met', () => {
    // a3 should come within ten minutes of a1, but a2 takes longer between them
    const chain = {
      from: 'a1',
      to: 'a3',
      windows: [
        { open: work(0), close: work(10) },
        { open: work(10), close: null },
      ],
      prefersFirst: true,
    };
    const { plan } = planEvenings(inEvenings([op('a1', 10), op('a2', 60), op('a3', 10)], [chain, dry('a1', 'a2', 600)]));
    expect(plan.unplaced).toEqual([]);
    expect(plan.placed).toHaveLength(3);
  });
});
