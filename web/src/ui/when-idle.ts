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
