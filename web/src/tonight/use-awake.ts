import { useEffect } from 'react';

/** Keeps the screen on while it is looked at; where the browser cannot, nothing happens. */
export function useAwake(wanted: boolean): void {
  useEffect(() => {
    if (!wanted || !('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | null = null;
    let isOver = false;
    const take = (): void => {
      if (document.visibilityState !== 'visible') return;
      navigator.wakeLock.request('screen').then(
        (taken) => {
          if (isOver) void taken.release();
          else lock = taken;
        },
        () => {
          // refused: on battery, or not allowed
        },
      );
    };
    take();
    // the browser lets go of it when the page is hidden
    document.addEventListener('visibilitychange', take);
    return () => {
      isOver = true;
      document.removeEventListener('visibilitychange', take);
      void lock?.release();
    };
  }, [wanted]);
}
