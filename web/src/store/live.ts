import type { AnyDeviceState, DeviceId, DeviceState } from '@eveningtide/core/devices';
import { useEffect } from 'react';
import { api, entryIs, type StoredEntry } from './api.js';
import { IS_SECOND, SCREEN } from './ask.js';
import { TAGS, type Tag } from './kept-lists.js';
import { benchClockIs } from './bench-clock.js';
import { hasMissed, stateIs } from './in-step.js';
import { useAppDispatch } from './store.js';

interface Change {
  what: Tag[];
  by: string | null;
  state: string;
  /** An entry of the log, as it stands now; null: nothing of the log, or more than one. */
  log: { id: string; stored: StoredEntry | null } | null;
}

/** Reads again what another screen has changed, as soon as it has; what changed while the line was not open, when it opens. Runs once for the whole app. */
export function useLive(): void {
  const dispatch = useAppDispatch();
  useEffect(() => {
    const line = new EventSource('/api/live');
    line.addEventListener('hello', (event: MessageEvent<string>) => {
      const { state, wall } = JSON.parse(event.data) as Pick<Change, 'state'> & { wall: string };
      if (IS_SECOND) benchClockIs(wall);
      if (hasMissed(state)) dispatch(api.util.invalidateTags([...TAGS]));
      stateIs(state);
    });
    line.addEventListener('beat', (event: MessageEvent<string>) => {
      if (IS_SECOND) benchClockIs((JSON.parse(event.data) as { wall: string }).wall);
    });
    // refused, not only broken: asking for anything tells why, and leads to where it can be paired
    line.addEventListener('error', () => {
      if (line.readyState === EventSource.CLOSED) dispatch(api.util.invalidateTags(['workshop']));
    });
    line.addEventListener('changed', (event: MessageEvent<string>) => {
      const { what, by, state, log } = JSON.parse(event.data) as Change;
      stateIs(state);
      if (by === SCREEN) return;
      dispatch(api.util.invalidateTags(what));
      if (log) dispatch(entryIs(log.id, log.stored));
    });
    line.addEventListener('reading', (event: MessageEvent<string>) => {
      const { device, reading } = JSON.parse(event.data) as { device: DeviceId; reading: AnyDeviceState['last'] };
      dispatch(
        api.util.updateQueryData('devices', undefined, (list) => {
          const known = list.find(({ id }) => id === device);
          // the id says of which device the reading is
          if (known) (known as DeviceState).last = reading;
        }),
      );
    });
    return () => {
      line.close();
    };
  }, [dispatch]);
}
