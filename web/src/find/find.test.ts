import { EFFECTS } from '@eveningtide/core/effects';
import { MATERIALS } from '@eveningtide/core/materials';
import { TECHNIQUES } from '@eveningtide/core/techniques';
import { expect, test } from '@jest/globals';
import { CRAFT_WORDS, alsoCalled } from '@eveningtide/core/words';
import { foundBy } from './find.js';

const effects = (words: string): string[] => foundBy(words, EFFECTS, ({ name, shows }) => ({ name, text: shows })).map(({ id }) => id);
const materials = (words: string): string[] => foundBy(words, MATERIALS, ({ name, role }) => ({ name, text: role })).map(({ id }) => id);

test('what painters call it is found, here and overseas', () => {
  expect(effects('varnish')).toContain('protection');
  expect(effects('whitewash')[0]).toBe('limewash');
  expect(effects('graffiti')[0]).toBe('tags');
  expect(effects('zenithal')[0]).toBe('sky-light');
  expect(materials('varnish matte')[0]).toMatch(/^clear-matt/);
  expect(materials('superglue')[0]).toBe('cyanoacrylate');
  expect(materials('pva')).toContain('white-glue');
  expect(materials('mineral spirits')[0]).toBe('white-spirit');
  expect(materials('house paint')[0]).toBe('emulsion-matt');
});

test('a letter wrong is no matter, another word is, and every word counts', () => {
  expect(effects('ruts')).toContain('rust-tones');
  expect(effects('limewsh')[0]).toBe('limewash');
  expect(materials('acrylik gloss')[0]).toBe('acrylic-gloss');
  expect(effects('submarine')).toEqual([]);
  expect(materials('superglue submarine')).toEqual([]);
});

test('its own name comes before what is only like it; without words all stay as they were', () => {
  expect(effects('Soot')[0]).toBe('soot');
  expect(materials('White glue')[0]).toBe('white-glue');
  expect(foundBy('brush coat', TECHNIQUES, ({ name }) => ({ name, text: '' }))[0]?.id).toBe('brush-coat');
  expect(effects('  ')).toEqual(EFFECTS.map(({ id }) => id));
});

test('every craft word leads somewhere', () => {
  const texts = [
    ...TECHNIQUES.map(({ name }) => name),
    ...EFFECTS.map(({ name, shows }) => `${name} ${shows}`),
    ...MATERIALS.map(({ name, role }) => `${name} ${role}`),
  ];
  for (const { own, also } of CRAFT_WORDS) {
    const found = texts.some((text) => also.every((word) => alsoCalled(text).includes(word)));
    expect([own.join(), found]).toEqual([own.join(), true]);
  }
});
