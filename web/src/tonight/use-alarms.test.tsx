import { afterEach, beforeEach, expect, jest, test } from '@jest/globals';
import type { Timer } from '@eveningtide/core/tonight';
import { act, renderHook } from '@testing-library/react';
import { useAlarms } from './use-alarms.js';

const timer = (id: string, kind: Timer['kind'], toMin: number) => ({ id, kind, toMin }) as Timer;
const words = ({ id }: Timer, moment: string) => `${id} ${moment}.`;

beforeEach(() => {
  jest.useFakeTimers();
});
afterEach(() => {
  jest.useRealTimers();
});

test('what comes at the same moment, or right after, is all told, and each goes after a while', () => {
  const timers = [timer('glue', 'closes', 30), timer('paste', 'opens', 30), timer('wash', 'opens', 31)];
  const { result, rerender } = renderHook(({ now }) => useAlarms(timers, now, words, true), { initialProps: { now: 20 } });
  expect(result.current).toBe('');
  rerender({ now: 30 });
  expect(result.current).toBe('glue closed. paste opened.');
  act(() => {
    jest.advanceTimersByTime(5000);
  });
  rerender({ now: 31 });
  expect(result.current).toBe('glue closed. paste opened. wash opened.');
  act(() => {
    jest.advanceTimersByTime(5001);
  });
  expect(result.current).toBe('wash opened.');
  act(() => {
    jest.advanceTimersByTime(5000);
  });
  expect(result.current).toBe('');
});
