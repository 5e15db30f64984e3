import { useEffect, useState } from 'react';

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

/**
 * Code that is shown later: fetched when the page has time for it, or at once when it is wanted; null until it is there. What is there is shown in the same
 * moment (a lazy component would wait for a moment even then, and the first letters typed would be lost), also when the server is away by then.
 */
export function useFetchedAhead<Code>(load: () => Promise<Code>, isWanted: boolean): Code | null {
  const [code, setCode] = useState<Code | null>(null);
  const isThere = code !== null;
  useEffect(() => {
    if (isThere) return;
    const fetchIt = () => {
      // where it does not come now, it is asked for again when it is wanted
      load().then(setCode, () => undefined);
    };
    if (!isWanted) return whenIdle(fetchIt);
    fetchIt();
    return undefined;
  }, [load, isWanted, isThere]);
  return code;
}
