import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { pieceFromTemplate, templateById } from '@eveningtide/core/subjects';
import { put, storage } from '../testing/storage.js';
import { draftOf, draftedPieces, dropDraft, keepDraft } from './drafts.js';

const piece = pieceFromTemplate(templateById('van'), { id: 'van', name: 'Van', scaleRatio: 76 });

describe('drafts', () => {
  beforeEach(() => put(storage()));
  afterEach(() => put(undefined));

  test('are kept with the version they began from, until they are dropped', () => {
    expect(draftOf('van')).toBeNull();
    keepDraft(piece, 7, 'tab-1');
    expect(draftOf('van')).toEqual({ version: 7, piece, tab: 'tab-1' });
    keepDraft({ ...piece, name: 'Later' }, 7, null);
    expect(draftOf('van')?.piece.name).toBe('Later');
    dropDraft('van');
    expect(draftOf('van')).toBeNull();
  });

  test('of other pieces stay', () => {
    keepDraft(piece, 1, null);
    keepDraft({ ...piece, id: 'wall' }, 2, null);
    dropDraft('van');
    expect(draftOf('wall')?.version).toBe(2);
    localStorage.setItem('eveningtide.cup', '{}');
    expect(draftedPieces()).toEqual(['wall']);
  });

  test('a storage that is full or spoilt does not stop the work', () => {
    put(storage(true));
    expect(() => keepDraft(piece, 1, null)).not.toThrow();
    put(storage());
    localStorage.setItem('eveningtide.draft.van', '{ spoilt');
    expect(draftOf('van')).toBeNull();
  });
});
