import { api } from './api.js';
import type { AppStore } from './store.js';

/** Asks for all that the plan is made from, before anything is drawn that asks for it. */
export function readAhead({ dispatch }: AppStore): void {
  void dispatch(api.endpoints.pieces.initiate());
  void dispatch(api.endpoints.log.initiate());
  void dispatch(api.endpoints.workshop.initiate());
  void dispatch(api.endpoints.devices.initiate());
  void dispatch(api.endpoints.bottles.initiate());
  void dispatch(api.endpoints.materials.initiate());
  void dispatch(api.endpoints.mixes.initiate());
}
