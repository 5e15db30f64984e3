import type { Piece } from '@eveningtide/core/subjects';

/** What was typed and not yet saved, kept in the browser so that a crash or a closed tab loses nothing. */
export interface Draft {
  version: number;
  piece: Piece;
  /** The tab that it was typed in; null: not known. */
  tab: string | null;
}

const PREFIX = 'eveningtide.draft.';
const key = (id: string): string => PREFIX + id;

export function keepDraft(piece: Piece, version: number, tab: string | null): void {
  try {
    localStorage.setItem(key(piece.id), JSON.stringify({ version, piece, tab } satisfies Draft));
  } catch {
    // a full or forbidden storage must not stop the work; the server keeps the piece as well
  }
}

export const dropDraft = (id: string): void => localStorage.removeItem(key(id));

/** What was typed and never saved, with the version it began from; null where there is nothing. */
export function draftOf(id: string): Draft | null {
  try {
    const text = localStorage.getItem(key(id));
    return text === null ? null : { tab: null, ...(JSON.parse(text) as Omit<Draft, 'tab'>) };
  } catch {
    return null;
  }
}

/** Pieces of which something was typed and never saved. */
export function draftedPieces(): string[] {
  return Array.from({ length: localStorage.length }, (_, i) => localStorage.key(i) ?? '').flatMap((name) =>
    name.startsWith(PREFIX) ? [name.slice(PREFIX.length)] : [],
  );
}
