import { configureStore } from '@reduxjs/toolkit';
import { useDispatch, useSelector } from 'react-redux';
import { api } from './api.js';
import { editorReducer } from './editor.js';

export const makeStore = () =>
  configureStore({
    reducer: { [api.reducerPath]: api.reducer, editor: editorReducer },
    middleware: (defaults) => defaults().concat(api.middleware),
  });

export type AppStore = ReturnType<typeof makeStore>;
export type RootState = ReturnType<AppStore['getState']>;

export const useAppDispatch = useDispatch.withTypes<AppStore['dispatch']>();
export const useAppSelector = useSelector.withTypes<RootState>();
