import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  cutListFacts,
  lengthWords,
  linesOnOne,
  stripsOnceCut,
  stripsToBuy,
  typedLength,
  type CutLine,
  type CutList,
  type Strip,
} from './index.js';

const strip = (given: Partial<Strip> = {}): Strip => ({
  ...{ id: 's', name: 'Strip 6 × 4', widthMm: 6, heightMm: 4, lengthMm: 500, have: 0, offcutsMm: [] },
  ...given,
});
const line = (given: Partial<CutLine> = {}): CutLine => ({
  ...{ id: 'l', name: 'Deals', stripId: 's', lengthMm: 80, of: 'model', count: 12, boardsWide: 4, boardsHigh: 3, seen: [], bands: 0 },
  ...given,
});
const list = (lines: CutLine[], given: Partial<CutList> = {}): CutList => ({
  ...{ id: 'c', name: 'List', scaleRatio: 160, kerfMm: 0.5, lines, bin: null, note: '', cutOn: null },
  ...given,
});

describe('typed lengths', () => {
  test.each([
    ['20 ft', 6096, 'prototype'],
    ['20\' 6"', 6248.4, 'prototype'],
    ["20'6", 6248.4, 'prototype'],
    ['20 feet 6 inches', 6248.4, 'prototype'],
    ['6.1 m', 6100, 'prototype'],
    ['38,1 mm', 38.1, 'model'],
    ['38.1', 38.1, 'model'],
    ['3.8cm', 38, 'model'],
    ['1 1/2 in', 38.1, 'prototype'],
    ['1/4"', 6.35, 'prototype'],
  ])('%s', (text, mm, usuallyOf) => {
    const found = typedLength(text);
    expect(found?.mm).toBeCloseTo(mm, 6);
    expect(found?.usuallyOf).toBe(usuallyOf);
  });

  test.each(['', 'long', '12 parsec', '-3 mm', '0 mm', '3 mm 4 mm', '1/0 in'])('%j is no length', (text) => {
    expect(typedLength(text)).toBeNull();
  });
});

describe('lengths in words', () => {
  test.each([
    [6096, 'prototype', '20 ft'],
    [6248.4, 'prototype', '20 ft 6 in'],
    [38.1, 'prototype', '1 1/2 in'],
    [6.35, 'prototype', '1/4 in'],
    [6100, 'prototype', '6.1 m'],
    [38.1, 'model', '38.1 mm'],
  ] as const)('%d mm of the %s: %s', (mm, of, words) => {
    expect(lengthWords(mm, of)).toBe(words);
  });

  test('what is shown is read as the same length', () => {
    const inches = fc.integer({ min: 1, max: 16 * 1200 }).map((sixteenths) => (sixteenths / 16) * 25.4);
    const metres = fc.integer({ min: 1, max: 99_999 }).map((mm) => mm);
    fc.assert(
      fc.property(fc.oneof(inches, metres), fc.constantFrom('prototype' as const, 'model' as const), (mm, of) => {
        const read = typedLength(lengthWords(mm, of));
        expect(Math.abs((read?.mm ?? 0) - mm)).toBeLessThan(0.006);
        expect(read?.usuallyOf).toBe(of);
      }),
    );
  });
});

describe('what a cut list comes to', () => {
  test('feet of the full size become millimetres of the model, and the stop stands half a cut further from the middle of the slot', () => {
    const facts = cutListFacts(list([line({ lengthMm: 6096, of: 'prototype', count: 16 })]), [strip({ lengthMm: 609.6 })]);
    expect(facts.lines.get('l')).toMatchObject({ lengthMm: 38.1, fullSizeMm: 6096 });
    expect(facts.strips[0]).toMatchObject({ toBuy: 2, stops: [{ lengthMm: 38.1, fromSlotMm: 38.35, count: 16 }] });
  });

  test('lines are drawn between boards on faces that are seen, and on no other', () => {
    // by hand: 3 lines of 80 mm on top, 2 on the left side; an end has 3 lines of 4 mm and 2 of 6 mm
    expect(linesOnOne(line({ seen: ['top'] }), 80, strip())).toBe(240);
    expect(linesOnOne(line({ seen: ['top', 'left', 'front'] }), 80, strip())).toBe(240 + 160 + 24);
    expect(linesOnOne(line({ seen: [] }), 80, strip())).toBe(0);
    const { linedMm, bandMm, minutes } = cutListFacts(list([line({ seen: ['top'], bands: 2 })]), [strip()]);
    expect([linedMm, bandMm]).toEqual([240 * 12, 2 * 12 * 22]);
    expect(minutes).toBeGreaterThan(2880 / 250);
  });

  test('bundles go into a bin as many as lie side by side and on each other, where it is deep enough', () => {
    const bin = { widthMm: 26, heightMm: 30, depthMm: 90 };
    const inBin = (lengthMm: number) => cutListFacts(list([line({ lengthMm })], { bin }), [strip()]).lines.get('l')?.inBin;
    expect(inBin(80)).toEqual({ across: 4, up: 7 });
    expect(inBin(91)).toBeNull();
  });

  test('a piece longer than a strip is told by name', () => {
    const { strips } = cutListFacts(list([line({ lengthMm: 501 })]), [strip()]);
    expect(strips[0]).toMatchObject({ plan: null, why: 'Deals is longer than a strip of 500 mm' });
  });

  test('once it is cut, what was used is gone and what is long enough is kept; nothing is cut that has to be bought first', () => {
    const cut = list([line({ lengthMm: 80, count: 8 })]);
    expect(stripsOnceCut(cutListFacts(cut, [strip({ have: 1 })]))).toBeNull();
    const [after] = stripsOnceCut(cutListFacts(cut, [strip({ have: 3, offcutsMm: [200] })])) ?? [];
    // two from the offcut, six from a new one: 200 − 161 and 500 − 483 are left
    expect(after).toMatchObject({ have: 2, offcutsMm: [39, 17] });
  });

  test('several lists share the shelf: one takes from what the other leaves', () => {
    const two = [list([line({ count: 3 })]), list([line({ count: 3 })], { id: 'd' })];
    expect(stripsToBuy(two, [strip()])).toEqual([{ strip: strip(), count: 1 }]);
    expect(stripsToBuy(two, [strip({ have: 1 })])).toEqual([]);
    expect(stripsToBuy([{ ...two[0]!, cutOn: '2026-11-24' }], [strip()])).toEqual([]);
  });

  test('what was on the shelf is on it still, or in the pieces, or sawn away', () => {
    const counts = fc.array(fc.record({ lengthMm: fc.integer({ min: 20, max: 200 }), count: fc.integer({ min: 1, max: 9 }) }), {
      minLength: 1,
      maxLength: 4,
    });
    fc.assert(
      fc.property(counts, fc.array(fc.integer({ min: 20, max: 400 }), { maxLength: 3 }), (lengths, offcutsMm) => {
        const lines = lengths.map((one, i) => line({ ...one, id: `l${String(i)}` }));
        const before = strip({ have: 60, offcutsMm });
        const [after] = stripsOnceCut(cutListFacts(list(lines), [before])) ?? [];
        const mm = (one: Strip): number => one.have * one.lengthMm + one.offcutsMm.reduce((a, b) => a + b, 0);
        const pieces = lengths.reduce((sum, { lengthMm, count }) => sum + lengthMm * count, 0);
        expect(mm(after!)).toBeLessThanOrEqual(mm(before) - pieces + 1e-6);
      }),
    );
  });
});
