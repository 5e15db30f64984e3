import { configureStore, type ThunkAction, type UnknownAction } from '@reduxjs/toolkit';
import { setupListeners } from '@reduxjs/toolkit/query';
import { useDispatch, useSelector } from 'react-redux';
import { api } from './api.js';
import { cupReducer, keepCup, storedCup } from './cup.js';
import { displayReducer, showDisplay, storedDisplay } from './display.js';
import { keepOutbox, outboxChange, outboxReducer, storedOutbox } from './outbox.js';
import { editorReducer } from './editor.js';

export function makeStore() {
  const store = configureStore({
    reducer: { [api.reducerPath]: api.reducer, editor: editorReducer, display: displayReducer, cup: cupReducer, outbox: outboxReducer },
    preloadedState: { display: storedDisplay(), cup: { now: storedCup(), past: [], lastField: null }, outbox: storedOutbox() },
    middleware: (defaults) => defaults().concat(api.middleware),
  });
  // what another tab saved is fetched when this one is looked at again
  setupListeners(store.dispatch);
  let shown = store.getState().display;
  showDisplay(shown);
  let cup = store.getState().cup.now;
  let { outbox } = store.getState();
  store.subscribe(() => {
    const { display, cup: changed, outbox: written } = store.getState();
    if (written !== outbox) {
      keepOutbox(outbox, written);
      outbox = written;
    }
    if (changed.now !== cup) {
      cup = changed.now;
      keepCup(cup);
    }
    if (display === shown) return;
    shown = display;
    showDisplay(shown);
  });
  // what another tab writes or settles is known here too
  if (typeof addEventListener === 'function')
    addEventListener('storage', ({ key, oldValue, newValue }) => {
      const change = outboxChange(key, oldValue, newValue);
      if (change) store.dispatch(change);
    });
  return store;
}

export type AppStore = ReturnType<typeof makeStore>;
export type RootState = ReturnType<AppStore['getState']>;

export type AppThunk<Result> = ThunkAction<Result, RootState, unknown, UnknownAction>;

export const useAppDispatch = useDispatch.withTypes<AppStore['dispatch']>();
export const useAppSelector = useSelector.withTypes<RootState>();
