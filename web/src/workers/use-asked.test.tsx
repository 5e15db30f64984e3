import { describe, expect, jest, test } from '@jest/globals';
import { act, renderHook } from '@testing-library/react';
import { useAsked, type AskedHow } from './use-asked.js';

/** A thread that answers when it is told to. */
function thread() {
  const open: { question: number; answer: (value: string) => void; fail: (error: Error) => void }[] = [];
  const ask = jest.fn((question: number) => new Promise<string>((answer, fail) => open.push({ question, answer, fail })));
  return { open, ask };
}

const asking = (how: AskedHow = {}) => {
  const { open, ask } = thread();
  const start: { question: number | null } = { question: 1 };
  const hook = renderHook(({ question }) => useAsked(question, ask, how), { initialProps: start });
  const answer = (at: number, words: string) =>
    act(async () => {
      open[at]?.answer(words);
      await Promise.resolve();
    });
  return { ...hook, open, ask, answer };
};

describe('a question to a thread', () => {
  test('is answered, and says meanwhile that it is being worked on', async () => {
    const { result, answer } = asking();
    expect(result.current).toEqual({ answer: null, error: null, working: true });
    await answer(0, 'one');
    expect(result.current).toEqual({ answer: 'one', error: null, working: false });
  });

  test('that has changed is not answered with what was asked before; the last answer stays meanwhile', async () => {
    const { result, rerender, answer } = asking();
    await answer(0, 'one');
    rerender({ question: 2 });
    expect(result.current).toEqual({ answer: 'one', error: null, working: true });
    rerender({ question: 3 });
    await answer(1, 'two');
    expect(result.current).toEqual({ answer: 'one', error: null, working: true });
    await answer(2, 'three');
    expect(result.current).toEqual({ answer: 'three', error: null, working: false });
  });

  test('only the newest waits while one is being answered', async () => {
    const { ask, rerender, answer } = asking();
    for (const question of [2, 3, 4]) rerender({ question });
    expect(ask).toHaveBeenCalledTimes(1);
    await answer(0, 'one');
    expect(ask.mock.calls.map(([question]) => question)).toEqual([1, 4]);
  });

  test('what waits is not asked any more when the question is taken back', async () => {
    const { ask, rerender, answer } = asking();
    rerender({ question: 2 });
    rerender({ question: null });
    await answer(0, 'one');
    expect(ask.mock.calls.map(([question]) => question)).toEqual([1]);
  });

  test('an older answer is shown where that is better than none', async () => {
    const { result, rerender, answer } = asking({ showsOlder: true });
    rerender({ question: 2 });
    await answer(0, 'one');
    expect(result.current).toEqual({ answer: 'one', error: null, working: true });
  });

  test('that fails says why, and the next is asked all the same', async () => {
    const { result, open, rerender, answer } = asking();
    await act(async () => {
      open[0]?.fail(new Error('no paint'));
      await Promise.resolve();
    });
    expect(result.current).toEqual({ answer: null, error: 'no paint', working: false });
    rerender({ question: 2 });
    await answer(1, 'two');
    expect(result.current).toEqual({ answer: 'two', error: null, working: false });
  });

  test('null asks nothing', () => {
    const { ask } = thread();
    const { result } = renderHook(() => useAsked<number, string>(null, ask));
    expect(ask).not.toHaveBeenCalled();
    expect(result.current.working).toBe(false);
  });

  test('while something is dragged about it is asked when it is still', () => {
    jest.useFakeTimers();
    const { ask, rerender } = asking({ stillMs: 100 });
    for (const question of [2, 3]) {
      jest.advanceTimersByTime(60);
      rerender({ question });
    }
    expect(ask).not.toHaveBeenCalled();
    jest.advanceTimersByTime(101);
    expect(ask.mock.calls).toEqual([[3]]);
    jest.useRealTimers();
  });
});
