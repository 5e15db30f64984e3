import { SCREEN } from './ask.js';

const lockOf = (tab: string): string => `eveningtide.tab.${tab}`;

/** Says to the other tabs of this browser that this one is open, until it closes, however it closes. */
export function holdTab(): void {
  // over a line that is not encrypted, on a second screen, a browser offers no locks
  if (!('locks' in navigator)) return;
  void navigator.locks.request(lockOf(SCREEN), () => new Promise<never>(() => undefined)).catch(() => undefined);
}

/** Whether a tab is still open; false where that cannot be told. */
export async function isTabOpen(tab: string): Promise<boolean> {
  if (tab === SCREEN) return true;
  if (!('locks' in navigator)) return false;
  const { held = [] } = await navigator.locks.query();
  return held.some(({ name }) => name === lockOf(tab));
}
