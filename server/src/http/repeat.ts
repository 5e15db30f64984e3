import { isDeepStrictEqual } from 'node:util';

/** As JSON has it, whatever made it. */
const plain = (thing: object): unknown => JSON.parse(JSON.stringify(thing));

/** The same, field by field. */
export const isSame = (a: object, b: object): boolean => isDeepStrictEqual(plain(a), plain(b));

/**
 * What is stored is what was sent, as the version that follows the one it was sent from: it came through before, and only the answer was lost. Such a
 * repetition is answered like the first time.
 */
export const cameThrough = (stored: { version: number; thing: object } | null, sentVersion: number, sent: object): boolean =>
  stored !== null && stored.version === sentVersion + 1 && isSame(stored.thing, sent);
