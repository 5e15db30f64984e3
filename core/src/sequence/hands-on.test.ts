import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { CATALOGUE } from '../materials/index.js';
import { pieceFromTemplate, plainStep, templateById, type Piece, type Step } from '../subjects/index.js';
import { betweenCoatsMinutes, coatsApart, elapsedMinutes, handsOnMinutes, minutesMade, roomyBench, sittings } from './hands-on.js';

const wagon = pieceFromTemplate(templateById('open-wagon'), { id: 'w', name: 'w', scaleRatio: 76 });
const step = (more: Partial<Step>): Step =>
  plainStep({ id: 's', technique: 'brush-coat', material: 'acrylic-matt', zones: ['all'], ...more });
const batchOf = (n: number) => ({
  ...wagon,
  members: Array.from({ length: n }, (_, i) => ({ id: String(i), label: String(i), differences: [] })),
});

describe('hands-on minutes', () => {
  const plate = (areaMm2: number, more: Partial<Piece['zones'][number]> = {}): Piece => ({
    ...wagon,
    zones: [{ ...wagon.zones[0]!, id: 'plate', areaMm2, keepClean: null, ...more }],
  });
  const on = (more: Partial<Step>, piece: Piece) => handsOnMinutes(step({ zones: ['plate'], ...more }), piece);

  test('a surface that was cut into zones takes no longer than whole, brushed or sprayed; on one of its zones alone it takes less', () => {
    const whole = plate(40_000);
    const [zone] = whole.zones;
    const cut = {
      ...whole,
      zones: [
        { ...zone!, areaMm2: 30_000 },
        { ...zone!, id: 'foot', areaMm2: 10_000 },
      ],
    };
    for (const [technique, tool] of [
      ['brush-coat', null],
      ['spray-coat', 'airbrush'],
      ['drybrush', null],
    ] as const) {
      const made = (zones: string[], piece: Piece) => minutesMade(step({ technique, tool, zones }), piece);
      const [before, both, foot] = [made(['plate'], whole), made(['plate', 'foot'], cut), made(['foot'], cut)];
      expect([technique, both.handlingMin, both.brushMm]).toEqual([technique, before.handlingMin, before.brushMm]);
      expect(both.workMin).toBeCloseTo(before.workMin);
      expect(both.zonesMin.map(({ zoneId }) => zoneId)).toEqual(['plate', 'foot']);
      expect(both.zonesMin[0]!.minutes / both.zonesMin[1]!.minutes).toBeCloseTo(3);
      expect(foot.workMin).toBeLessThanOrEqual(before.workMin);
    }
  });

  test('things that are counted are come to one by one: windows to mask, bricks to pick out', () => {
    const pane = plate(2400, { keepClean: 'glazing' });
    const panes = plate(2400, { keepClean: 'glazing', count: 12 });
    const mask = { technique: 'mask', material: 'masking-tape' };
    // twenty windows by their usual size, twelve where they were counted
    expect(minutesMade(step({ zones: ['plate'], ...mask }), pane).workMin).toBeCloseTo(20 * 1.75);
    expect(minutesMade(step({ zones: ['plate'], ...mask }), panes).workMin).toBeCloseTo(12 * 1.75);
    const bricks = minutesMade(step({ zones: ['plate'] }), plate(6000, { count: 40 }));
    const face = minutesMade(step({ zones: ['plate'] }), plate(6000));
    expect(bricks.workMin).toBe(face.workMin);
    expect(bricks.handlingMin - face.handlingMin).toBeCloseTo(39 * 0.4);
    // half of them: half as often
    expect(minutesMade(step({ zones: ['plate'], coverPct: 50 }), plate(6000, { count: 40 })).handlingMin - face.handlingMin).toBeCloseTo(
      19 * 0.4,
    );
  });

  test('by hand: a square metre brushed with 50 mm, 5 dm² a minute: 1 to set up, 0.9 to handle, 20 of work', () => {
    expect(minutesMade(step({ zones: ['plate'] }), plate(1_000_000))).toEqual({
      setUpMin: 1,
      handlingMin: 0.9,
      workMin: 20,
      dryerMin: 0,
      zonesMin: [{ zoneId: 'plate', minutes: 20.4 }],
      brushMm: 50,
    });
    expect(on({}, plate(1_000_000))).toBe(22);
    // half of it takes 0.5^0.7 of the time
    expect(on({ coverPct: 50 }, plate(1_000_000))).toBe(Math.round(1.9 + 20 * 0.5 ** 0.7));
    // a wash goes half as fast again, a can ten times as fast as an airbrush
    expect(on({ technique: 'wash', material: 'wash-acrylic', coverPct: 100 }, plate(1_000_000))).toBe(Math.round(1.9 + 20 / 1.5));
    expect(on({ technique: 'clear-coat', material: 'clear-matt-lacquer-aerosol', tool: 'aerosol' }, plate(1_000_000))).toBe(
      Math.round(2.5 + 10),
    );
  });

  test('with the brushes that there are: without the wide ones it takes longer', () => {
    const made = (brushesMm: number[]) => minutesMade(step({ zones: ['plate'] }), plate(1_000_000), { supplies: CATALOGUE, brushesMm });
    expect([made([3, 12]).brushMm, made([3, 12]).workMin]).toEqual([12, 100 / 0.6]);
    // the smallest there is where all are too wide
    expect(minutesMade(step({ zones: ['plate'] }), plate(900), { supplies: CATALOGUE, brushesMm: [25, 50] }).brushMm).toBe(25);
  });

  test('a dryer held by hand costs hands, at most a quarter of an hour a coat', () => {
    const coat = (drying: Step['drying'], more: Partial<Step> = {}) =>
      minutesMade(step({ zones: ['plate'], drying, ...more }), plate(20_000)).dryerMin;
    expect([coat('still'), coat('fan')]).toEqual([0, 0]);
    expect(coat('warm-dryer')).toBeGreaterThan(3);
    expect(coat('warm-dryer')).toBeLessThan(coat('cool-dryer'));
    expect(coat('warm-dryer', { coats: 2 })).toBeCloseTo(2 * coat('warm-dryer'));
    expect(coat('warm-dryer', { technique: 'stipple-paste', material: 'texture-paste-acrylic' })).toBe(15);
    const [dried, left] = (['warm-dryer', 'still'] as const).map((drying) =>
      handsOnMinutes(step({ zones: ['plate'], drying }), plate(20_000)),
    );
    expect(dried! - left!).toBeGreaterThanOrEqual(3);
  });

  test('the brush is the largest that suits: a wheel is not painted with a wall brush', () => {
    const widths = [400, 900, 2500, 20_000, 1_000_000].map((area) => minutesMade(step({ zones: ['plate'] }), plate(area)).brushMm);
    expect(widths).toEqual([6, 6, 12, 25, 50]);
    // and a small place takes half a minute, however small
    expect(minutesMade(step({ zones: ['plate'] }), plate(100)).workMin).toBe(0.5);
  });

  test('windows are counted, one by one', () => {
    const glass = plate(1200, { keepClean: 'glazing' });
    expect(minutesMade(step({ technique: 'mask', material: 'masking-tape', zones: ['plate'] }), glass).workMin).toBe(10 * 1.75);
    expect(minutesMade(step({ technique: 'mask', material: 'masking-tape', zones: ['plate'] }), plate(1200)).workMin).toBeLessThan(1);
  });

  test('a batch shares one set-up; what is sprayed wants one for each load of the booth', () => {
    const can = { technique: 'clear-coat', material: 'clear-matt-lacquer-aerosol', tool: 'aerosol' };
    const [one, eight] = [1, 8].map((n) => handsOnMinutes(step(can), batchOf(n)));
    expect(eight).toBeLessThan(8 * one!);
    expect(eight).toBeGreaterThan(6);
    expect(handsOnMinutes(step(can), batchOf(8), { ...roomyBench(CATALOGUE), boothModels: 2 })).toBe(eight! + 3 * 2);
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
