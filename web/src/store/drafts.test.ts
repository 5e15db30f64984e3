import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { pieceFromTemplate, templateById } from '@eveningtide/core/subjects';
import { draftOf, dropDraft, keepDraft } from './drafts.js';

const piece = pieceFromTemplate(templateById('van'), { id: 'van', name: 'Van', scaleRatio: 76 });

/** A browser's storage, in memory; `full` refuses what is put in. */
function storage(full = false): Storage {
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

function put(value: Storage | undefined): void {
  Object.defineProperty(globalThis, 'localStorage', { value, configurable: true });
}

describe('drafts', () => {
  beforeEach(() => put(storage()));
  afterEach(() => put(undefined));

  test('are kept with the version they began from, until they are dropped', () => {
    expect(draftOf('van')).toBeNull();
    keepDraft(piece, 7);
    expect(draftOf('van')).toEqual({ version: 7, piece });
    keepDraft({ ...piece, name: 'Later' }, 7);
    expect(draftOf('van')?.piece.name).toBe('Later');
    dropDraft('van');
    expect(draftOf('van')).toBeNull();
  });

  test('of other pieces stay', () => {
    keepDraft(piece, 1);
    keepDraft({ ...piece, id: 'wall' }, 2);
    dropDraft('van');
    expect(draftOf('wall')?.version).toBe(2);
  });

  test('a storage that is full or spoilt does not stop the work', () => {
    put(storage(true));
    expect(() => keepDraft(piece, 1)).not.toThrow();
    put(storage());
    localStorage.setItem('eveningtide.draft.van', '{ spoilt');
    expect(draftOf('van')).toBeNull();
  });
});
