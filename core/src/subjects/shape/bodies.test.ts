import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Shape, ViewId } from '../drawing.js';
import { BODY_KINDS, bodyKind } from './bodies.js';
import { cutBy } from './clip.js';
import { WHERES, composed, withZoneIds } from './compose.js';
import { areaOf, circle, drawnMm2, patchMm2, rect } from './geometry.js';

const size = (lengthMm: number, widthMm: number, heightMm: number) => ({ lengthMm, widthMm, heightMm });
const areas = (kind: string, ...[l, w, h]: [number, number, number]): Record<string, number> => {
  const shape = bodyKind(kind).shape(size(l, w, h));
  return Object.fromEntries(bodyKind(kind).zones.map(({ key }) => [key, drawnMm2(shape, key)]));
};

describe('surfaces of bodies against closed forms', () => {
  test('box, plate, wedge by hand', () => {
    expect(areas('box', 10, 20, 30)).toEqual({ sides: 600, ends: 1200, top: 200 });
    expect(areas('plate', 100, 50, 2)).toEqual({ top: 5000, edge: 2 * (100 + 50) * 2 });
    // 3-4-5: the slope is 50 long
    expect(areas('wedge', 40, 10, 30)).toEqual({ slope: 500, sides: 40 * 30, end: 300 });
  });

  test('round bodies: cylinder, tube, post, half a round roof, half a sphere', () => {
    const barrel = areas('cylinder', 88, 32, 32);
    expect(barrel['upper']! + barrel['lower']!).toBeCloseTo(Math.PI * 32 * 88, 3);
    expect(barrel['ends']).toBeCloseTo(2 * Math.PI * 16 ** 2, 3);
    const pipe = areas('tube', 100, 10, 10);
    expect(pipe['outside']).toBeCloseTo(Math.PI * 10 * 100, 3);
    expect(pipe['inside']).toBeCloseTo(Math.PI * 8.4 * 100, 3);
    expect(pipe['mouths']).toBeCloseTo(2 * Math.PI * (5 ** 2 - 4.2 ** 2), 3);
    expect(areas('post', 8, 8, 20)['shell']).toBeCloseTo(Math.PI * 8 * 20, 3);
    // as high as half its width it is half a cylinder
    expect(areas('roof', 50, 20, 10)['top']).toBeCloseTo(Math.PI * 10 * 50, 3);
    expect(areas('roof', 50, 20, 10)['ends']! / (Math.PI * 10 ** 2)).toBeCloseTo(1, 2);
    expect(areas('mound', 20, 20, 10)['surface']! / (2 * Math.PI * 10 ** 2)).toBeCloseTo(1, 2);
  });

  test('a stump is a cut cone, a tub has an inside, a person the skin of one', () => {
    // radii 20 and 15 on a height of 40
    expect(areas('stump', 40, 40, 40)['bark']).toBeCloseTo(Math.PI * (20 + 15) * Math.hypot(40, 5), 2);
    expect(areas('stump', 40, 40, 40)['rings']).toBeCloseTo(Math.PI * 15 ** 2, 3);
    const tub = areas('ribbed', 100, 40, 30);
    expect(tub['inside']).toBeCloseTo(96.8 * 36.8 + 2 * (96.8 + 36.8) * 30, 3);
    // 1.9 m² at 1.75 m, in 1 : 35 fifty millimetres high; a fifth more for what is worn
    const person = areas('figure', 20, 12, 50);
    expect(Object.values(person).reduce((sum, mm2) => sum + mm2, 0)).toBeCloseTo((1.2 * 1.9e6) / 35 ** 2, 3);
  });

  test('every body twice as large has four times the surface', () => {
    for (const { id, zones, shape } of BODY_KINDS) {
      const [once, twice] = [shape(size(40, 20, 30)), shape(size(80, 40, 60))];
      for (const { key } of zones) expect([id, key, drawnMm2(twice, key) / drawnMm2(once, key)]).toEqual([id, key, expect.closeTo(4, 6)]);
    }
  });

  test('a kind that is not known is told', () => {
    expect(() => bodyKind('sphere')).toThrow(/box, plate.*got 'sphere'/);
  });
});

const box = (prefix: string, ...[l, w, h]: [number, number, number]): Shape =>
  withZoneIds(bodyKind('box').shape(size(l, w, h)), (key) => `${prefix}-${key}`);
const viewOf = (shape: Shape, id: ViewId) => shape.views.find((view) => view.id === id)!;

describe('bodies put together', () => {
  test('what one stands on loses its footprint, nothing else', () => {
    const both = composed(box('low', 100, 50, 10), box('high', 20, 30, 40), 'on');
    expect(drawnMm2(both, 'low-top')).toBeCloseTo(100 * 50 - 20 * 30, 1);
    expect(drawnMm2(both, 'low-sides')).toBe(2 * 100 * 10);
    expect(drawnMm2(both, 'high-top')).toBe(600);
    expect(viewOf(both, 'side')).toMatchObject({ widthMm: 100, heightMm: 50 });
    const under = composed(box('high', 20, 30, 40), box('low', 100, 50, 10), 'below');
    expect(drawnMm2(under, 'low-top')).toBeCloseTo(100 * 50 - 20 * 30, 1);
    expect(viewOf(under, 'end')).toMatchObject({ widthMm: 50, heightMm: 50 });
  });

  test('side by side they stand on one ground and keep all their surface', () => {
    const both = composed(box('a', 100, 50, 10), box('b', 20, 30, 40), 'beside');
    expect(viewOf(both, 'side')).toMatchObject({ widthMm: 125, heightMm: 40 });
    const foot = (id: string): number => {
      const patches = viewOf(both, 'side').patches.filter((patch) => patch.zoneId === id);
      return Math.max(...patches.flatMap(({ outline }) => outline.map(({ yMm }) => yMm)));
    };
    expect([foot('a-sides'), foot('b-sides')]).toEqual([40, 40]);
    expect(drawnMm2(both, 'a-top')).toBe(5000);
  });

  test('any two, anywhere: no zone gains surface, and all lies on the views', () => {
    const mm = fc.double({ min: 2, max: 300, noNaN: true });
    const any = fc.record({ kind: fc.constantFrom(...BODY_KINDS.map(({ id }) => id)), l: mm, w: mm, h: mm });
    fc.assert(
      fc.property(any, any, fc.constantFrom(...WHERES), (first, second, where) => {
        const [a, b] = [first, second].map(({ kind, l, w, h }, i) =>
          withZoneIds(bodyKind(kind).shape(size(l, w, h)), (key) => `${String(i)}-${key}`),
        ) as [Shape, Shape];
        const both = composed(a, b, where);
        for (const shape of [a, b])
          for (const id of new Set(shape.views.flatMap(({ patches }) => patches.map(({ zoneId }) => zoneId)))) {
            const [was, is] = [drawnMm2(shape, id), drawnMm2(both, id)];
            expect(is).toBeLessThanOrEqual(was * 1.0001 + 0.01);
            if (where === 'beside') expect(is).toBeCloseTo(was, 3);
          }
        for (const { patches, widthMm, heightMm } of both.views)
          for (const { xMm, yMm } of patches.flatMap(({ outline }) => outline)) {
            expect(xMm).toBeGreaterThanOrEqual(-0.002 * widthMm);
            expect(xMm).toBeLessThanOrEqual(1.002 * widthMm);
            expect(yMm).toBeGreaterThanOrEqual(-0.002 * heightMm);
            expect(yMm).toBeLessThanOrEqual(1.002 * heightMm);
          }
      }),
      { numRuns: 60 },
    );
  });
});

describe('cutting a patch', () => {
  const patch = { outline: rect(0, 0, 10, 10), holes: [] };
  const sum = (pieces: readonly { outline: { xMm: number; yMm: number }[]; holes: { xMm: number; yMm: number }[][] }[]): number =>
    pieces.reduce((mm2, one) => mm2 + patchMm2(one), 0);

  test('a window is a hole in what is left', () => {
    const { inside, left } = cutBy(patch, [circle(5, 5, 2)]);
    expect(sum(inside)).toBeCloseTo(Math.PI * 4, 3);
    expect(left).toHaveLength(1);
    expect(left[0]!.holes).toHaveLength(1);
    expect(sum(left)).toBeCloseTo(100 - Math.PI * 4, 3);
  });

  test('what lies beside it changes nothing', () => {
    expect(cutBy(patch, [rect(20, 0, 5, 5)])).toEqual({ inside: [], left: [patch] });
  });

  test('both parts together are the whole', () => {
    const mm = fc.double({ min: -15, max: 15, noNaN: true });
    fc.assert(
      fc.property(fc.array(fc.record({ xMm: mm, yMm: mm }), { minLength: 3, maxLength: 6 }), (outline) => {
        const { inside, left } = cutBy(patch, [outline]);
        expect(sum(inside) + sum(left)).toBeCloseTo(areaOf(patch.outline), 2);
      }),
    );
  });
});
