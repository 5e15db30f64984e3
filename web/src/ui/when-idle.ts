import { useEffect } from 'react';

const LONGEST_WAIT_MS = 2000;
/** Where a browser does not tell when it is idle. */
const SOON_MS = 60;

/** Does something when the page has time for it, in two seconds at the latest; what comes back calls it off. */
export function whenIdle(work: () => void): () => void {
  if ('requestIdleCallback' in window) {
    const idle = window.requestIdleCallback(work, { timeout: LONGEST_WAIT_MS });
    return () => {
      window.cancelIdleCallback(idle);
    };
  }
  const timer = setTimeout(work, SOON_MS);
  return () => {
    clearTimeout(timer);
  };
}

/** Fetches code that is shown later when the page has time for it: it is there at once when it is wanted, and also when the server is away by then. */
export function useFetchedAhead(load: () => Promise<unknown>): void {
  useEffect(
    () =>
      whenIdle(() => {
        // where it does not come now, it is asked for again when it is wanted
        load().catch(() => undefined);
      }),
    [load],
  );
}
