import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { pieceFromTemplate, plainStep, templateById, type Step } from '../subjects/index.js';
import { betweenCoatsMinutes, coatsApart, elapsedMinutes, handsOnMinutes, sittings } from './hands-on.js';

const wagon = pieceFromTemplate(templateById('open-wagon'), { id: 'w', name: 'w', scaleRatio: 76 });
const step = (more: Partial<Step>): Step =>
  plainStep({ id: 's', technique: 'brush-coat', material: 'acrylic-matt', zones: ['all'], ...more });
const batchOf = (n: number) => ({
  ...wagon,
  members: Array.from({ length: n }, (_, i) => ({ id: String(i), label: String(i), differences: [] })),
});

describe('hands-on minutes', () => {
  test('by hand: a plate of two square decimetres, brushed once: 4 + 6 · 2', () => {
    const plate = { ...wagon, zones: [{ ...wagon.zones[0]!, id: 'plate', areaMm2: 20_000, keepClean: null }] };
    expect(handsOnMinutes(step({ zones: ['plate'] }), plate)).toBe(16);
    expect(handsOnMinutes(step({ zones: ['plate'], coverPct: 50 }), plate)).toBe(10);
  });

  test('what the painter typed counts, for each piece of a batch', () => {
    expect(handsOnMinutes(step({ handsOnMin: 7 }), wagon)).toBe(7);
    expect(handsOnMinutes(step({ handsOnMin: 7 }), batchOf(3))).toBe(21);
  });

  test('more coats, more area, more pieces never take less', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 9 }), fc.integer({ min: 1, max: 20 }), (coats, pieces) => {
        const minutes = (c: number, n: number) => handsOnMinutes(step({ coats: c }), batchOf(n));
        expect(minutes(coats + 1, pieces)).toBeGreaterThanOrEqual(minutes(coats, pieces));
        expect(minutes(coats, pieces + 1)).toBeGreaterThanOrEqual(minutes(coats, pieces));
        expect(handsOnMinutes(step({ zones: ['ends'] }), wagon)).toBeLessThanOrEqual(minutes(1, 1));
      }),
    );
  });

  test('short waits between coats are spent at the bench, long ones are not', () => {
    const chipping = step({ technique: 'spray-coat', material: 'chipping-medium', coats: 2 });
    expect([betweenCoatsMinutes(chipping), coatsApart(chipping)]).toEqual([5, false]);
    expect(sittings(chipping, wagon)).toHaveLength(1);
    const emulsion = step({ material: 'emulsion-matt', coats: 3 });
    expect([betweenCoatsMinutes(emulsion), coatsApart(emulsion)]).toEqual([60, true]);
    expect(sittings(emulsion, wagon)).toHaveLength(3);
    expect(elapsedMinutes(emulsion, wagon)).toBe(sittings(emulsion, wagon).reduce((a, b) => a + b, 0) + 120);
  });

  test('a single coat waits for nothing', () => {
    expect(betweenCoatsMinutes(step({ material: 'emulsion-matt' }))).toBe(0);
    expect(elapsedMinutes(step({}), wagon)).toBe(handsOnMinutes(step({}), wagon));
  });
});
