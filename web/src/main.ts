import './index.css';
import { readAhead, readListsAhead } from './workers/read-ahead.js';
import { makeStore } from './store/store.js';
import { holdTab } from './store/tabs.js';
import { fetchAhead } from './view-code.js';
import { outlookService } from './workers/threads.js';

// what plans, what shows and what is shown are all asked for at once
outlookService();
const app = import('./app.js');
fetchAhead(location.pathname);
holdTab();
const store = makeStore();
readListsAhead(store);
void app.then(({ show }) => {
  show(store);
  readAhead(store);
});
