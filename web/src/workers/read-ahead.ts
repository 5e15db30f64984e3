import { api } from '../store/api.js';
import { wantText } from '../store/raw-text.js';
import type { AppStore } from '../store/store.js';
import { giveText } from './tell-thread.js';

/**
 * Asks for the long lists, before anything is drawn that asks for them, and gives them to the thread that plans as they come. A browser asks a server for six things
 * at a time: the rest waits until the interface is there, which would have to wait for it.
 */
export function readListsAhead({ dispatch }: AppStore): void {
  wantText('pieces', (text) => void giveText.pieces(text, pieces));
  wantText('log', (text) => void giveText.log(text, log));
  const pieces = dispatch(api.endpoints.pieces.initiate()).then(({ data = [] }) => data.map(({ piece }) => piece));
  const log = dispatch(api.endpoints.log.initiate()).then(({ data = [] }) => data.map(({ entry }) => entry));
  void dispatch(api.endpoints.workshop.initiate());
}

/** Asks for all else that the plan is made from. */
export function readAhead({ dispatch }: AppStore): void {
  void dispatch(api.endpoints.devices.initiate());
  void dispatch(api.endpoints.bottles.initiate());
  void dispatch(api.endpoints.materials.initiate());
  void dispatch(api.endpoints.mixes.initiate());
}
