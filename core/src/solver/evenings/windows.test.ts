import { describe, expect, test } from '@jest/globals';
import { compile } from './compile.js';
import { dry, inEvenings, op } from './testing.js';
import { earliestStarts } from './windows.js';

describe('the earliest starts', () => {
  test('a step that fits into no evening does not hold back the one before it', () => {
    // an hour of daylight in the evening: two minutes, half an hour of drying and half an hour of work are too much for it
    const light = [0, 1, 2].map((day) => ({ fromMin: day * 1440 + 540, toMin: day * 1440 + 1230 }));
    const problem = (workMin: number) =>
      inEvenings([op('b1', 2), op('b2', workMin, { daylight: true })], [dry('b1', 'b2', 27, 37)], { daylight: light });
    expect([...earliestStarts(compile(problem(32)))]).toEqual([1170, Infinity]);
    expect([...earliestStarts(compile(problem(30)))]).toEqual([1170, 1199]);
  });
});
