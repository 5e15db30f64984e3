import { afterEach, describe, expect, jest, test } from '@jest/globals';
import { benchClockIs, benchDayIs, benchMinute, benchMoment, benchNow, benchOffsetMin, wallAheadMin } from './bench-clock.js';

describe('the clock of the bench', () => {
  afterEach(() => {
    jest.useRealTimers();
  });

  test('a screen whose own clock is wrong goes by the bench', () => {
    jest.useFakeTimers({ now: new Date(2026, 10, 24, 19, 37, 0) });
    expect(benchNow()).toEqual(new Date(2026, 10, 24, 19, 37, 0));
    benchClockIs('2026-11-24T19:30:00.250');
    expect(benchNow()).toEqual(new Date(2026, 10, 24, 19, 30, 0, 250));
    jest.advanceTimersByTime(90_000);
    expect(benchNow()).toEqual(new Date(2026, 10, 24, 19, 31, 30, 250));
  });

  test('moments are the bench’s, to the second', () => {
    benchDayIs('2026-11-24');
    const at = new Date(2026, 10, 24, 19, 30, 15);
    expect(benchMoment(at)).toBe('2026-11-24T19:30:15');
    expect(benchMinute(at)).toBeCloseTo(19 * 60 + 30.25);
  });

  test('past midnight the minutes of the evening go on', () => {
    benchDayIs('2026-11-24');
    const at = new Date(2026, 10, 25, 0, 10);
    expect(benchMinute(at)).toBe(24 * 60 + 10);
    expect(benchMoment(at)).toBe('2026-11-25T00:10:00');
    expect(benchMinute(at, '2026-11-25')).toBe(10);
  });

  // the zone of the tests has such nights (jest.setup); 02:00 → 03:00 and 03:00 → 02:00
  test.each([
    ['forward', '2026-03-28', '2026-03-29T01:40:00+01:00', '2026-03-29T01:40:00', '2026-03-29T02:10:00', 60],
    ['back', '2026-10-24', '2026-10-25T02:40:00+02:00', '2026-10-25T02:40:00', '2026-10-25T03:10:00', -60],
  ])('half an hour is half an hour when the clocks are put %s', (_way, day, start, startedAt, endedAt, ahead) => {
    benchDayIs(day);
    const at = new Date(start);
    const later = new Date(at.getTime() + 30 * 60_000);
    expect([benchMoment(at), benchMoment(later)]).toEqual([startedAt, endedAt]);
    expect(benchMinute(later) - benchMinute(at)).toBeCloseTo(30);
    expect([wallAheadMin(at), wallAheadMin(later)]).toEqual([0, ahead]);
    expect(benchOffsetMin()).toBe(day.includes('-03-') ? 60 : 120);
  });
});
