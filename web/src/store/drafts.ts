import type { Piece } from '@eveningtide/core/subjects';

/** What was typed and not yet saved, kept in the browser so that a crash or a closed tab loses nothing. */
interface Draft {
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

/** The draft that belongs to this version; one of another version is out of date. */
export function draftOf(id: string, version: number): Piece | null {
  try {
    const text = localStorage.getItem(key(id));
    const draft = text === null ? null : (JSON.parse(text) as Draft);
    return draft?.version === version ? draft.piece : null;
  } catch {
    return null;
  }
}
