/** A browser's storage, in memory; `full` refuses what is put in. */
export function storage(full = false): Storage {
  const kept = new Map<string, string>();
  return {
    get length() {
      return kept.size;
    },
    clear: () => kept.clear(),
    key: (i) => [...kept.keys()][i] ?? null,
    getItem: (key) => kept.get(key) ?? null,
    removeItem: (key) => void kept.delete(key),
    setItem: (key, value) => {
      if (full) throw new Error('QuotaExceededError');
      kept.set(key, value);
    },
  };
}

/** The page's storage from now on; undefined: none. */
export function put(value: Storage | undefined): void {
  Object.defineProperty(globalThis, 'localStorage', { value, configurable: true });
}
