import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { completionOf } from './index.js';

const NAMES = ['Wash', 'Pin wash', 'Drybrush', 'Side, upper', 'Side, lower', 'Umber enamel wash', 'Lower frame'];

test.each([
  ['dry', 'brush'],
  ['wash umb', 'er enamel wash'],
  ['wash umber en', 'amel wash'],
  ['drybrush side, lo', 'wer'],
  ['drybrush lo', 'wer frame'],
  ['PIN', ' wash'],
  ['wash', ''],
  ['w', ''],
  ['wash ', ''],
  ['wash 1:4', ''],
  ['', ''],
])('of “%s” it is “%s” that is missing', (text, rest) => {
  expect(completionOf(text, NAMES)).toBe(rest);
});

test('what is completed ends with one of the names', () => {
  fc.assert(
    fc.property(fc.constantFrom(...NAMES), fc.nat(20), fc.string(), (name, cut, before) => {
      const text = `${before.trim()} ${name.slice(0, 2 + (cut % name.length))}`;
      const rest = completionOf(text, NAMES);
      if (rest !== '') expect(NAMES.some((one) => (text + rest).toLowerCase().endsWith(one.toLowerCase()))).toBe(true);
    }),
  );
});
