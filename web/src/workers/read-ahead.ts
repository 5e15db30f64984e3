import { api } from '../store/api.js';
import { merged } from '../store/merged.js';
import type { AppStore } from '../store/store.js';
import { tellThread } from './tell-thread.js';

/**
 * Asks for the long lists, before anything is drawn that asks for them, and tells them to the thread that plans as they come. A browser asks a server for six things
 * at a time: the rest waits until the interface is there, which would have to wait for it.
 */
export function readListsAhead({ dispatch }: AppStore): void {
  void dispatch(api.endpoints.pieces.initiate()).then(({ data }) => data && tellThread({ pieces: data.map(({ piece }) => piece) }));
  void dispatch(api.endpoints.log.initiate()).then(({ data }) => data && tellThread({ log: merged(data, []) }));
  void dispatch(api.endpoints.workshop.initiate());
}

/** Asks for all else that the plan is made from. */
export function readAhead({ dispatch }: AppStore): void {
  void dispatch(api.endpoints.devices.initiate());
  void dispatch(api.endpoints.bottles.initiate());
  void dispatch(api.endpoints.materials.initiate());
  void dispatch(api.endpoints.mixes.initiate());
}
