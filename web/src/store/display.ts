import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** What belongs to this screen rather than to the workshop: kept in the browser. */
export const THEMES = ['day', 'dusk'] as const;
export type Theme = (typeof THEMES)[number];

export const TEXT_SIZES = [100, 115, 130] as const;
export type TextSize = (typeof TEXT_SIZES)[number];

export const PIECES_AS = ['gallery', 'list'] as const;
export type PiecesAs = (typeof PIECES_AS)[number];

export interface DisplayState {
  theme: Theme;
  textPct: TextSize;
  /** Keys without Control or Alt do something; off for those who dictate or use switches (WCAG 2.1.4). */
  singleKeys: boolean;
  /** The key that begins and ends a step at the bench, as browsers name it: space, or what a foot pedal sends. */
  goKey: string;
  /** Windows that open and close make no sound. */
  silent: boolean;
  /** The lesser fields of a step stand open. */
  moreOfSteps: boolean;
  /** Pieces are shown as pictures, or row by row. */
  piecesAs: PiecesAs;
  /** The first steps were done or skipped. */
  hasBegun: boolean;
  /** The tour was begun once: it does not come by itself any more. */
  hasToured: boolean;
  /** Which stop of the tour is shown; null: none. Not kept: it ends with the page. */
  tourAt: number | null;
  /** Where it leads back to. */
  tourFrom: string;
}

const KEY = 'eveningtide.display';
const USUAL: DisplayState = {
  theme: 'day',
  textPct: 100,
  singleKeys: true,
  goKey: ' ',
  silent: true,
  moreOfSteps: false,
  piecesAs: 'gallery',
  hasBegun: false,
  hasToured: false,
  tourAt: null,
  tourFrom: '/pieces',
};

/** What was chosen on this screen; what is spoilt or unknown counts as not chosen. */
export function storedDisplay(): DisplayState {
  try {
    const { theme, textPct, singleKeys, goKey, silent, moreOfSteps, piecesAs, hasBegun, hasToured } = JSON.parse(
      localStorage.getItem(KEY) ?? '{}',
    ) as Partial<DisplayState>;
    return {
      theme: THEMES.find((one) => one === theme) ?? USUAL.theme,
      textPct: TEXT_SIZES.find((one) => one === textPct) ?? USUAL.textPct,
      singleKeys: singleKeys ?? USUAL.singleKeys,
      goKey: typeof goKey === 'string' && goKey !== '' ? goKey : USUAL.goKey,
      silent: silent ?? USUAL.silent,
      moreOfSteps: moreOfSteps ?? USUAL.moreOfSteps,
      piecesAs: PIECES_AS.find((one) => one === piecesAs) ?? USUAL.piecesAs,
      hasBegun: hasBegun ?? USUAL.hasBegun,
      hasToured: hasToured ?? USUAL.hasToured,
      tourAt: null,
      tourFrom: USUAL.tourFrom,
    };
  } catch {
    return USUAL;
  }
}

/** Puts the choice on the page and keeps it. */
export function showDisplay(display: DisplayState): void {
  const { theme, textPct } = display;
  document.documentElement.dataset['theme'] = theme;
  document.documentElement.dataset['text'] = String(textPct);
  try {
    localStorage.setItem(KEY, JSON.stringify(display));
  } catch {
    // a full or forbidden storage must not stop the work
  }
}

const slice = createSlice({
  name: 'display',
  initialState: USUAL,
  reducers: {
    themeSet: (state, { payload }: PayloadAction<Theme>) => {
      state.theme = payload;
    },
    textSizeSet: (state, { payload }: PayloadAction<TextSize>) => {
      state.textPct = payload;
    },
    singleKeysSet: (state, { payload }: PayloadAction<boolean>) => {
      state.singleKeys = payload;
    },
    goKeySet: (state, { payload }: PayloadAction<string>) => {
      state.goKey = payload;
    },
    moreOfStepsSet: (state, { payload }: PayloadAction<boolean>) => {
      state.moreOfSteps = payload;
    },
    piecesAsSet: (state, { payload }: PayloadAction<PiecesAs>) => {
      state.piecesAs = payload;
    },
    begun: (state) => {
      state.hasBegun = true;
    },
    /** It begins, and leads back to `from` when it ends. */
    tourBegun: (state, { payload: from }: PayloadAction<string>) => {
      Object.assign(state, { tourAt: 0, tourFrom: from, hasToured: true });
    },
    tourSet: (state, { payload }: PayloadAction<number | null>) => {
      state.tourAt = payload;
    },
    silentSet: (state, { payload }: PayloadAction<boolean>) => {
      state.silent = payload;
    },
  },
});

export const displayActions = slice.actions;
export const displayReducer = slice.reducer;
