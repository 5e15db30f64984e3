import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Provider } from 'react-redux';
import { RouterProvider } from 'react-router/dom';
import './index.css';
import { router } from './routes.js';
import { readAhead } from './store/read-ahead.js';
import { makeStore } from './store/store.js';
import { holdTab } from './store/tabs.js';
import { outlookService } from './workers/use-outlook.js';

holdTab();
const store = makeStore();
// on their way while the page is still being built
readAhead(store);
outlookService();
const root = document.getElementById('root');
if (!root) throw new Error('the page has no #root');
createRoot(root).render(
  <StrictMode>
    <Provider store={store}>
      <RouterProvider router={router} />
    </Provider>
  </StrictMode>,
);
