import { expect, test } from '@jest/globals';
import { offcutsOf } from './strips-part.js';

test.each([
  ['212.5, 96', [212.5, 96]],
  ['96 212.5; 40', [212.5, 96, 40]],
  ['212,5, 96', [212.5, 96]],
  ['212,5;96,', [212.5, 96]],
  ['', []],
  ['600', null],
  ['long', null],
  ['-3', null],
  ['12, , x', null],
])('offcuts %j', (text, lengths) => {
  expect(offcutsOf(text, 500)).toEqual(lengths);
});
