import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { CATALOGUE } from '../../materials/index.js';
import { KEPT_LISTS } from '../../kept/index.js';
import { TEMPLATES, boxOf, completeSize, elevationsOf, pieceFromTemplate, resized, templateById } from '../index.js';
import { areaOf, arched, circle, rect } from '../shape/geometry.js';

const around = {
  supplies: CATALOGUE,
  mixes: new Set<string>(),
  places: new Set<string>(),
  pieces: new Set<string>(),
  strips: new Set<string>(),
};
const made = (id: string, size = templateById(id).size) =>
  pieceFromTemplate(templateById(id), { id: 'p', name: 'A piece', scaleRatio: 76, size });
const areas = (id: string, size?: Parameters<typeof made>[1]) =>
  Object.fromEntries(made(id, size).zones.map((zone) => [zone.id, zone.areaMm2]));

describe('outlines', () => {
  test('areas by hand', () => {
    expect(areaOf(rect(3, 4, 10, 5))).toBeCloseTo(50);
    expect(areaOf(circle(0, 0, 10))).toBeCloseTo(Math.PI * 100, 6);
    // under a parabola two thirds of its box
    expect(areaOf(arched(0, 0, 30, 20, 6))).toBeCloseTo(30 * 14 + (2 / 3) * 30 * 6, 0);
    expect(boxOf(circle(5, 5, 2)).widthMm).toBeCloseTo(4, 1);
  });
});

describe('areas by hand calculation', () => {
  test('van, 100 × 30 × 50 mm', () => {
    const a = areas('van', { lengthMm: 100, widthMm: 30, heightMm: 50 });
    // eaves at 4, waist at 19, floor at 34 mm; both sides 2 · 100 · 15, a tenth more for the planks
    expect(a['side-upper']).toBe(3300);
    expect(a['side-lower']).toBe(3300);
    // roof 100 · 30, 1.07 for its arc, 1.03 for its relief
    expect(a['roof']).toBe(Math.round(3000 * 1.07 * 1.03));
    // ends: 30 · 30 under an arc of 4 mm (two thirds), twice, less a window of 4.8 mm square, planked
    expect(a['ends']! / ((2 * (30 * 30 + (2 / 3) * 30 * 4) - 4.8 ** 2) * 1.1)).toBeCloseTo(1, 2);
    expect(a['glazing']).toBe(Math.round(4.8 ** 2));
    // wheels: radius 0.42 of the 16 mm below the floor; four, both faces
    expect(a['wheels']! / (8 * Math.PI * 6.72 ** 2 * 1.03)).toBeCloseTo(1, 3);
    // frame: two strips of 96 · 5.6 and the underside, machinery
    expect(a['underframe']).toBe(Math.round((2 * 96 * 5.6 + 3000) * 1.4));
  });

  test('open wagon, 60 × 30 × 50 mm: the interior has a floor and four walls', () => {
    const a = areas('open-wagon', { lengthMm: 60, widthMm: 30, heightMm: 50 });
    expect(a['interior']).toBe(Math.round((60 * 30 + 2 * 90 * 26) * 1.1));
    expect(a['side-upper']).toBe(Math.round(2 * 60 * 13 * 1.1));
  });

  test('tank: the barrel is π · d · l', () => {
    const a = areas('tank', { lengthMm: 100, widthMm: 100, heightMm: 50 });
    // d = 32 (0.64 of the height), l = 88
    expect((a['side-upper']! + a['side-lower']!) / (Math.PI * 32 * 88 * 1.03)).toBeCloseTo(1, 3);
    expect(a['ends']! / (2 * Math.PI * 16 ** 2 * 1.03)).toBeCloseTo(1, 3);
  });

  test('flat, hopper, coach, locomotive', () => {
    expect(areas('flat', { lengthMm: 100, widthMm: 30, heightMm: 20 })['floor']).toBe(3300);
    // hopper: upper side 2 · 100 · 19 (0.38 of 50), sheet
    expect(areas('hopper', { lengthMm: 100, widthMm: 40, heightMm: 50 })['side-upper']).toBe(Math.round(2 * 100 * 19 * 1.03));
    // coach: below the windows 2 · 100 · 15 (0.30 of 50), planked
    expect(areas('coach', { lengthMm: 100, widthMm: 30, heightMm: 50 })['side-lower']).toBe(3300);
    // locomotive: bonnet sides 2 · 56 · 20 (from 0.26 to 0.66 of 50)
    expect(areas('locomotive', { lengthMm: 100, widthMm: 30, heightMm: 50 })['side-lower']).toBe(Math.round(2 * 56 * 20 * 1.03));
  });

  test('coach windows are no part of the band they sit in', () => {
    const size = { lengthMm: 100, widthMm: 30, heightMm: 50 };
    const a = areas('coach', size);
    // seven panes a side, 9 · 10.5 mm; the band is 100 · 15
    expect(a['glazing']).toBe(Math.round(14 * 9 * 10.5));
    expect(a['side-upper']).toBe(Math.round((2 * 1500 - 14 * 9 * 10.5) * 1.03));
  });

  test('wall, 180 × 14 × 70 mm; tower; slab; arch; load; ground', () => {
    expect(areas('wall')).toEqual({
      face: Math.round(180 * 59.5 * 1.15),
      crown: Math.round(180 * 14 * 1.15),
      base: Math.round(180 * 10.5 * 1.15),
    });
    expect(areas('block-tower', { lengthMm: 60, widthMm: 40, heightMm: 100 })['ends']).toBe(Math.round(2 * 40 * 85 * 1.15));
    expect(areas('slab', { lengthMm: 100, widthMm: 50, heightMm: 10 })['ends']).toBe(Math.round(2 * 150 * 10 * 1.15));
    // arch: front 100 · 85 less the opening's 50 · 35 up to its springing and two thirds of 50 · 20 above
    expect(
      areas('arch', { lengthMm: 100, widthMm: 20, heightMm: 100 })['face']! / ((100 * 85 - 50 * 35 - (2 / 3) * 50 * 20) * 1.15),
    ).toBeCloseTo(1, 2);
    expect(areas('load', { lengthMm: 60, widthMm: 24, heightMm: 5 })['load']).toBe(Math.round(60 * 24 * (13 / 12) * 1.4));
    expect(areas('ground', { lengthMm: 100, widthMm: 50, heightMm: 5 })['base']).toBe(6000);
  });

  test('lorry bed and tracked deck', () => {
    const lorry = areas('lorry', { lengthMm: 100, widthMm: 30, heightMm: 50 });
    // bed 61 · 30 and its inner walls 14 mm high
    expect(lorry['floor']).toBe(Math.round((61 * 30 + 2 * 91 * 14) * 1.1));
    expect(areas('tracked', { lengthMm: 100, widthMm: 50, heightMm: 40 })['roof']).toBe(Math.round(100 * 42 * 1.03));
  });
});

describe('every template', () => {
  test.each(TEMPLATES.map((t) => [t.id, t] as const))('%s makes a sound piece that is drawn whole', (id, template) => {
    const piece = made(id);
    expect([...KEPT_LISTS.pieces.faults('piece', piece, around)]).toEqual([]);
    for (const zone of piece.zones) expect(zone.areaMm2).toBeGreaterThan(0);
    const views = elevationsOf(piece);
    const drawn = new Set(views.flatMap((view) => view.patches.map((patch) => patch.zoneId)));
    // only insides and undersides are not drawn
    const notDrawn = piece.zones.filter((zone) => !drawn.has(zone.id)).map((zone) => zone.role);
    expect(['pick-ups', 'base', 'interior']).toEqual(expect.arrayContaining(notDrawn));
    for (const view of views)
      for (const { outline } of view.patches)
        for (const point of outline) {
          expect(point.xMm).toBeGreaterThanOrEqual(-0.002 * view.widthMm);
          expect(point.xMm).toBeLessThanOrEqual(1.002 * view.widthMm + 0.1);
          expect(point.yMm).toBeGreaterThanOrEqual(-0.002 * view.heightMm);
          expect(point.yMm).toBeLessThanOrEqual(1.002 * view.heightMm + 0.1);
        }
    for (const feature of piece.features) expect(piece.zones.map((zone) => zone.id)).toContain(feature.zoneId);
    expect(template.checks.length).toBeGreaterThan(0);
  });

  test('areas grow with the square of the size', () => {
    fc.assert(
      // gaps of a millimetre are drawn the same at any size: below half the usual one they would count
      fc.property(fc.constantFrom(...TEMPLATES), fc.double({ min: 0.5, max: 4, noNaN: true }), (template, factor) => {
        const { lengthMm, widthMm, heightMm } = template.size;
        const grown = made(template.id, { lengthMm: lengthMm * factor, widthMm: widthMm * factor, heightMm: heightMm * factor });
        for (const [i, zone] of made(template.id).zones.entries()) {
          if (zone.areaMm2 < 500 || zone.id === 'pick-ups') continue;
          expect(grown.zones[i]!.areaMm2 / (zone.areaMm2 * factor ** 2)).toBeCloseTo(1, 1);
        }
      }),
    );
  });
});

describe('two lengths are enough', () => {
  const van = templateById('van');
  test('the third keeps the proportions', () => {
    expect(completeSize(van, { lengthMm: 148, widthMm: 60 })).toEqual({ lengthMm: 148, widthMm: 60, heightMm: 92 });
    expect(completeSize(van, { lengthMm: 10, widthMm: 20, heightMm: 30 })).toEqual({ lengthMm: 10, widthMm: 20, heightMm: 30 });
  });
  test('one is not', () => {
    expect(() => completeSize(van, { lengthMm: 74, heightMm: 0 })).toThrow('two of length, width and height are needed, got 1');
  });
});

test('measured anew, a piece has the areas of one made so; what was typed by hand elsewhere stays', () => {
  const size = { lengthMm: 120, widthMm: 40, heightMm: 60 };
  const piece = { ...made('van'), name: 'Renamed' };
  const after = resized(piece, size);
  expect(after.zones.map((zone) => zone.areaMm2)).toEqual(made('van', size).zones.map((zone) => zone.areaMm2));
  expect(after.name).toBe('Renamed');
  expect(elevationsOf({ ...piece, sizeMm: null })).toEqual([]);
  expect(elevationsOf({ ...piece, template: 'something-else' })).toEqual([]);
});
