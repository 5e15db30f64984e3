import type { ListKey } from '@eveningtide/core/kept';

/** Who wants the next answer of a list as it comes. */
const wanted = new Map<ListKey, (text: string) => void>();

/** Gives the next answer of a list as text, too: another thread then parses it by itself, which is far less work here than packing for it what was parsed. */
export function wantText(key: ListKey, take: (text: string) => void): void {
  wanted.set(key, take);
}

/** Parses the answer of a list, and gives it to who wants it. */
export const parsing =
  (key: ListKey) =>
  async (response: Response): Promise<unknown> => {
    const text = await response.text();
    if (response.ok) {
      wanted.get(key)?.(text);
      wanted.delete(key);
    }
    return text === '' ? null : JSON.parse(text);
  };
