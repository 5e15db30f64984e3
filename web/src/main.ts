import './index.css';
import { readAhead } from './store/read-ahead.js';
import { makeStore } from './store/store.js';
import { holdTab } from './store/tabs.js';
import { outlookService } from './workers/threads.js';

// while the interface is on its way, all that it will show is already asked for
const app = import('./app.js');
holdTab();
const store = makeStore();
readAhead(store);
outlookService();
void app.then(({ show }) => {
  show(store);
});
