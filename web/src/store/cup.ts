import type { Cup } from '@eveningtide/core/mixing';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { goesOn, timed, type Changed } from './history.js';

/** The cup on the Mixing view: kept in the browser, so that nothing is lost on reload. */
export interface CupState extends Cup {
  name: string;
  /** Mix that it was opened from; null: a new one. */
  mixId: string | null;
  technique: string;
  tool: string | null;
}

const KEY = 'eveningtide.cup';

export const EMPTY_CUP: CupState = {
  name: '',
  mixId: null,
  components: [],
  measure: 'parts',
  totalMl: 5,
  technique: 'airbrush-coat',
  tool: null,
};

/** What was left in the cup; spoilt or foreign content counts as empty. */
export function storedCup(): CupState {
  try {
    const cup = JSON.parse(localStorage.getItem(KEY) ?? 'null') as CupState | null;
    return cup && Array.isArray(cup.components) && typeof cup.totalMl === 'number' ? { ...EMPTY_CUP, ...cup } : EMPTY_CUP;
  } catch {
    return EMPTY_CUP;
  }
}

export function keepCup(cup: CupState): void {
  try {
    localStorage.setItem(KEY, JSON.stringify(cup));
  } catch {
    // a full or forbidden storage must not stop the work
  }
}

/** What is typed into; null where something came or went. */
function fieldOf(now: CupState, { components, ...rest }: Partial<CupState>, atMs: number): Changed | null {
  if (!components) return { name: Object.keys(rest).sort().join(' '), atMs };
  const changed = components.flatMap(({ parts }, i) => (parts === now.components[i]?.parts ? [] : [i]));
  return components.length === now.components.length && changed.length === 1 ? { name: `component ${String(changed[0])}`, atMs } : null;
}

const slice = createSlice({
  name: 'cup',
  initialState: { now: EMPTY_CUP, past: [] as CupState[], lastField: null as Changed | null },
  reducers: {
    set: {
      ...timed<Partial<CupState>>(),
      reducer: (state, { payload, meta }: PayloadAction<Partial<CupState>, string, { atMs: number }>) => {
        const field = fieldOf(state.now, payload, meta.atMs);
        if (!goesOn(state.lastField, field)) state.past = [...state.past.slice(-49), state.now];
        state.lastField = field;
        state.now = { ...state.now, ...payload };
      },
    },
    undone: (state) => {
      const before = state.past.pop();
      if (before) state.now = before;
      state.lastField = null;
    },
  },
});

export const cupActions = slice.actions;
export const cupReducer = slice.reducer;
