import { describe, expect, test } from '@jest/globals';
import { compile } from './compile.js';
import { planEvenings } from './planner.js';
import { DAY, dry, inEvenings, op } from './testing.js';
import { earliestStarts } from './windows.js';

/** An hour of daylight in each evening: two minutes, half an hour of drying and half an hour of work are too much for it. */
const light = Array.from({ length: 20 }, (_, day) => ({ fromMin: day * DAY + 540, toMin: day * DAY + 1230 }));
const problem = (workMin: number) =>
  inEvenings([op('b1', 2), op('b2', workMin, { daylight: true })], [dry('b1', 'b2', 27, 37)], { daylight: light });

describe('a step that fits into no evening', () => {
  test('does not hold back the one before it', () => {
    expect([...earliestStarts(compile(problem(32)))]).toEqual([1170, Infinity]);
    expect([...earliestStarts(compile(problem(30)))]).toEqual([1170, 1199]);
  });

  test('is told, and the one before it is not put off to the last evening for it', () => {
    const { placed, unplaced } = planEvenings(problem(32)).plan;
    expect(placed.map(({ id, startMin }) => [id, startMin])).toEqual([['b1', 1170]]);
    expect(unplaced.map(({ id }) => id)).toEqual(['b2']);
    expect(planEvenings(problem(30)).plan.placed.map(({ startMin }) => startMin)).toEqual([1170, 1199]);
  });
});
