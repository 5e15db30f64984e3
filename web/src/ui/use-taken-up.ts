import { useEffect, useRef, type RefObject } from 'react';

/** What has just been added is gone on with at once: its first field has the keys, what stands there is typed over. */
export function useTakenUp<E extends HTMLElement>(isAdded: boolean): RefObject<E | null> {
  const place = useRef<E>(null);
  useEffect(() => {
    if (!isAdded) return;
    const field = place.current?.querySelector('input');
    field?.focus();
    field?.select();
  }, [isAdded]);
  return place;
}
