import { beforeEach, describe, expect, jest, test } from '@jest/globals';
import { EMPTY_CUP, cupActions, cupReducer, keepCup, storedCup } from './cup.js';

const memory = new Map<string, string>();
beforeEach(() => {
  memory.clear();
  Object.defineProperty(globalThis, 'localStorage', {
    configurable: true,
    value: { getItem: (key: string) => memory.get(key) ?? null, setItem: (key: string, text: string) => memory.set(key, text) },
  });
});

describe('the cup', () => {
  test('is kept in the browser and comes back; what is spoilt counts as empty', () => {
    const cup = { ...EMPTY_CUP, name: 'Wall', components: [{ material: 'acrylic-matt', bottleId: null, parts: 3 }] };
    keepCup(cup);
    expect(storedCup()).toEqual(cup);
    memory.set('eveningtide.cup', '{"components":7}');
    expect(storedCup()).toEqual(EMPTY_CUP);
    memory.set('eveningtide.cup', '{');
    expect(storedCup()).toEqual(EMPTY_CUP);
  });

  test('what is typed into one field is taken back together; a component that comes is a change of its own', () => {
    jest.useFakeTimers();
    const one = (parts: number) => ({ material: 'acrylic-matt', bottleId: null, parts });
    const steps = [
      { name: 'W' },
      { name: 'Wa' },
      { name: 'Wall' },
      { components: [one(1)] },
      { components: [one(3)] },
      { components: [one(3), one(1)] },
    ];
    const state = steps.reduce((now, step) => cupReducer(now, cupActions.set(step)), cupReducer(undefined, { type: 'start' }));
    expect(state.past.map(({ name, components }) => [name, components.length])).toEqual([
      ['', 0],
      ['Wall', 0],
      ['Wall', 1],
      ['Wall', 1],
    ]);
    jest.useRealTimers();
  });

  test('each change can be taken back', () => {
    let state = cupReducer(undefined, { type: 'start' });
    state = cupReducer(state, cupActions.set({ totalMl: 9 }));
    state = cupReducer(state, cupActions.set({ name: 'Wall' }));
    expect(state.now).toMatchObject({ totalMl: 9, name: 'Wall' });
    state = cupReducer(cupReducer(state, cupActions.undone()), cupActions.undone());
    expect(state.now).toEqual(EMPTY_CUP);
    expect(cupReducer(state, cupActions.undone())).toEqual(state);
  });
});
