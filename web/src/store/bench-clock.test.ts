import { afterEach, describe, expect, jest, test } from '@jest/globals';
import { benchClockIs, benchNow } from './bench-clock.js';

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
});
