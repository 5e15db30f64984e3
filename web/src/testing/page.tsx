import { render } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReactNode } from 'react';
import { Provider } from 'react-redux';
import { MemoryRouter } from 'react-router';
import { makeStore, type AppStore } from '../store/store.js';
import { Toaster } from '../ui/toaster.js';

/** Shows a part of the page with a store of its own, and gives a painter's hands to it. */
export function showPage(part: ReactNode): { store: AppStore; hands: ReturnType<typeof userEvent.setup> } {
  const store = makeStore();
  const hands = userEvent.setup();
  render(
    <Provider store={store}>
      <MemoryRouter>
        {part}
        <Toaster />
      </MemoryRouter>
    </Provider>,
  );
  return { store, hands };
}
