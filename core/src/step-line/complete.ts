/** Shorter beginnings could be anything. */
const LEAST_CHARS = 2;
/** Names of several words are completed from any of their beginnings. */
const MOST_WORDS = 3;

/**
 * What is missing of the name that is being typed at the end of a line: the first of `names`, in their order, that begins as the last words do; empty where none
 * does, or all of it is there. Longer beginnings go first: of `side, lo` it is `side, lower`, not a name with `lo`.
 */
export function completionOf(text: string, names: readonly string[]): string {
  const words = [...text.toLowerCase().matchAll(/\S+/g)];
  if (words.length === 0 || /\s$/.test(text)) return '';
  for (let count = Math.min(MOST_WORDS, words.length); count >= 1; count--) {
    const begun = text.slice(words[words.length - count]?.index).toLowerCase();
    if (begun.length < LEAST_CHARS) continue;
    const found = names.find((name) => name.toLowerCase().startsWith(begun));
    if (found !== undefined) return found.slice(begun.length).toLowerCase();
  }
  return '';
}
