import { useSyncExternalStore } from 'react';

/** As narrow as the style sheets mean by `max-[40rem]`. */
const NARROW = '(max-width: 40rem)';

function onChange(tell: () => void): () => void {
  const query = matchMedia(NARROW);
  query.addEventListener('change', tell);
  return () => {
    query.removeEventListener('change', tell);
  };
}

export const useIsPhone = (): boolean => useSyncExternalStore(onChange, () => matchMedia(NARROW).matches);
