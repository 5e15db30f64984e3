import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { staggered, stripsPath, timelineOf } from './timeline.js';

const evenings = [
  { fromMin: 1170, toMin: 1290 },
  { fromMin: 4050, toMin: 4170 },
];

describe('timeline', () => {
  test('is to scale inside an evening', () => {
    const { x } = timelineOf(evenings, 2);
    expect(x(1200) - x(1170)).toBeCloseTo(60);
    expect(x(4110) - x(4050)).toBeCloseTo(120);
  });

  test('never runs backwards', () => {
    const { x } = timelineOf(evenings, 2);
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 6000 }), fc.integer({ min: 0, max: 600 }), (minute, later) => x(minute + later) >= x(minute)),
    );
  });

  test('a night takes the width of its gutter, whatever its length', () => {
    const { columns, gutters, x } = timelineOf(evenings, 1);
    expect(x(4050)).toBeCloseTo((columns[0]?.width ?? 0) + (gutters[0]?.width ?? 0));
  });
});

describe('edges of the timeline', () => {
  test('what lies before the first evening stands at its start, what comes after all at the end; evenings begin where nights end', () => {
    const { x, width, columns, gutters } = timelineOf(evenings, 2);
    expect([0, 1170].map(x)).toEqual([0, 0]);
    expect(x(1e6)).toBe(width);
    expect(x(1290)).toBeCloseTo(columns[0]!.width);
    expect(x(4050)).toBeCloseTo(columns[1]!.x);
    expect(x(4050 - 1e-6)).toBeCloseTo(gutters[0]!.x + gutters[0]!.width);
  });

  test('many strips are one shape', () => {
    expect(
      stripsPath(
        [
          { x: 0, width: 10 },
          { x: 20.26, width: 5 },
        ],
        8,
        24,
      ),
    ).toBe('M0.0 8h10.0v24h-10.0ZM20.3 8h5.0v24h-5.0Z');
    expect(stripsPath([], 0, 10)).toBe('');
  });
});

describe('staggered labels', () => {
  test('go a row up when they would touch', () => {
    expect(
      staggered([
        { x: 0, width: 50 },
        { x: 20, width: 50 },
        { x: 60, width: 50 },
      ]),
    ).toEqual([0, 1, 0]);
  });

  test('stay hidden where every row is taken', () => {
    expect(
      staggered(
        [
          { x: 0, width: 100 },
          { x: 1, width: 50 },
          { x: 2, width: 100 },
        ],
        2,
      ),
    ).toEqual([0, 1, null]);
  });
});
