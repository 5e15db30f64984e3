import { useEffect } from 'react';
import { SCREEN, TAGS, api, type AirReading, type Tag } from './api.js';
import { useAppDispatch } from './store.js';

interface Change {
  what: Tag[];
  by: string | null;
}

/** Reads again what another screen has changed, as soon as it has; after a broken line everything. Runs once for the whole app. */
export function useLive(): void {
  const dispatch = useAppDispatch();
  useEffect(() => {
    const line = new EventSource('/api/live');
    let wasBroken = false;
    line.addEventListener('changed', (event: MessageEvent<string>) => {
      const { what, by } = JSON.parse(event.data) as Change;
      if (by !== SCREEN) dispatch(api.util.invalidateTags(what));
    });
    line.addEventListener('reading', (event: MessageEvent<string>) => {
      const { device, reading } = JSON.parse(event.data) as { device: string; reading: AirReading };
      dispatch(
        api.util.updateQueryData('devices', undefined, (list) => {
          const known = list.find(({ id }) => id === device);
          if (known) known.last = reading;
        }),
      );
    });
    line.addEventListener('open', () => {
      if (wasBroken) dispatch(api.util.invalidateTags([...TAGS]));
      wasBroken = false;
    });
    line.addEventListener('error', () => {
      wasBroken = true;
    });
    return () => {
      line.close();
    };
  }, [dispatch]);
}
