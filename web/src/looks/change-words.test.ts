import { describe, expect, test } from '@jest/globals';
import { linearOf } from '@eveningtide/core/colour';
import { SPOILS, type Spoil, type ZoneStrokes } from '@eveningtide/core/sequence';
import { changeWords, spoiltWords } from './change-words.js';

describe('what changes, in words', () => {
  const look = (recess: string, face: string, crest: string) => ({
    recess: linearOf(recess),
    face: linearOf(face),
    crest: linearOf(crest),
  });
  const plain = look('#808080', '#808080', '#808080');

  test('kind of place by kind of place, lighter or darker, else in hue', () => {
    expect(changeWords(plain, look('#202020', '#787878', '#808080'))).toBe('grooves much darker, faces darker');
    expect(changeWords(plain, look('#808080', '#808080', '#90786c'))).toMatch(/^edges /);
    expect(changeWords(plain, look('#7e8284', '#808080', '#ffffff'))).toContain('edges much lighter');
    expect(changeWords(plain, look('#404040', '#404040', '#808080'))).toBe('grooves and faces much darker');
    expect(changeWords(plain, look('#88807c', '#88807c', '#88807c'))).toMatch(/^all of it /);
    expect(changeWords(plain, plain)).toBe('no colour changes');
  });

  test('what is spoilt is said once, and only of the strokes that are asked about', () => {
    const stroke = (...spoils: Spoil[]) => ({ spoilt: spoils.map((spoil) => ({ spoil, causeIndex: null })) });
    const zone = { strokes: [stroke('lifted'), stroke('slid', 'lifted'), stroke()] } as unknown as ZoneStrokes;
    expect(spoiltWords(zone, 0, 2)).toBe(`${SPOILS.lifted}, ${SPOILS.slid}`);
    expect(spoiltWords(zone, -1, 0)).toBe('');
    expect(spoiltWords(zone, 2, 3)).toBe('');
  });
});
