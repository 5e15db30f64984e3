const isBox = (error: unknown): error is { code?: unknown; message?: unknown; original?: unknown; cause?: unknown } =>
  typeof error === 'object' && error !== null;

/** What the driver and the system call an error and what lies behind it: `SQLITE_FULL`, `ENOSPC`. Errors of the driver may be of no class that we know. */
export function* codesOf(error: unknown): Generator<string> {
  for (let one = error, depth = 0; isBox(one) && depth < 5; one = one.original ?? one.cause, depth++) {
    if (typeof one.code === 'string') yield one.code;
    const named = typeof one.message === 'string' ? /\b(SQLITE_[A-Z]+|ENOSPC)\b/.exec(one.message)?.[1] : undefined;
    if (named !== undefined) yield named;
  }
}

/** The error is one of these. */
export function isCalled(error: unknown, ...names: readonly string[]): boolean {
  for (const code of codesOf(error)) if (names.includes(code)) return true;
  return false;
}

/** The database file itself is the matter. */
export const isDamage = (error: unknown): boolean => isCalled(error, 'SQLITE_CORRUPT', 'SQLITE_NOTADB');

/** What an error says. */
export const wordsOf = (error: unknown): string => (isBox(error) && typeof error.message === 'string' ? error.message : String(error));
