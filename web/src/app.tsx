import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Provider } from 'react-redux';
import { RouterProvider } from 'react-router/dom';
import { router } from './routes.js';
import type { AppStore } from './store/store.js';

/** Puts the interface on the page. */
export function show(store: AppStore): void {
  const root = document.getElementById('root');
  if (!root) throw new Error('the page has no #root');
  createRoot(root).render(
    <StrictMode>
      <Provider store={store}>
        <RouterProvider router={router} />
      </Provider>
    </StrictMode>,
  );
}
