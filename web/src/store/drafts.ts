import type { Piece } from '@eveningtide/core/subjects';

/** What was typed and not yet saved, kept in the browser so that a crash or a closed tab loses nothing. */
export interface Draft {
  version: number;
  piece: Piece;
}

const key = (id: string): string => `eveningtide.draft.${id}`;

export function keepDraft(piece: Piece, version: number): void {
  try {
    localStorage.setItem(key(piece.id), JSON.stringify({ version, piece } satisfies Draft));
  } catch {
    // a full or forbidden storage must not stop the work; the server keeps the piece as well
  }
}

export const dropDraft = (id: string): void => localStorage.removeItem(key(id));

/** What was typed and never saved, with the version it began from; null where there is nothing. */
export function draftOf(id: string): Draft | null {
  try {
    const text = localStorage.getItem(key(id));
    return text === null ? null : (JSON.parse(text) as Draft);
  } catch {
    return null;
  }
}
