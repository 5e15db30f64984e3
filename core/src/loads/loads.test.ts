import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { constantAir } from '../climate/index.js';
import { useOf } from '../coverage/index.js';
import { checkSequence, handsOnMinutes, subjectOf } from '../sequence/index.js';
import {
  FORMERS,
  MATTER,
  MATTERS,
  VOIDS,
  pieceOfLoad,
  acrossOf,
  bodyMm3,
  crestMm,
  heapMm3,
  loadFacts,
  topMm2,
  underMm3,
  type Grain,
  type Load,
  type Shape,
} from './index.js';

const ROOM = { tempC: 20, rhPct: 50 };
const grain = (given: Partial<Grain> = {}): Grain => ({ id: 'g', name: 'Limestone', matter: 'limestone', grainMm: 3, parts: 1, ...given });
const load = (given: Partial<Load> = {}): Load => ({
  ...{
    id: 'l',
    name: 'Load',
    scaleRatio: 76,
    count: 1,
    lengthMm: 70,
    widthMm: 30,
    depthMm: 15,
    overMm: 5,
    profile: 'heap',
    former: 'none',
    coverMm: 3,
  },
  ...{
    grains: [grain()],
    glueParts: 1,
    waterParts: 3,
    lifts: false,
    leaks: false,
    wagonMm: null,
    wagonG: null,
    wagonId: null,
    consist: '',
    note: '',
  },
  ...given,
});

const mm = (least: number, most: number) => fc.integer({ min: least, max: most });
const shapes = fc.record({
  ...{ lengthMm: mm(5, 300), widthMm: mm(5, 300), depthMm: mm(0, 60), overMm: mm(0, 60) },
  profile: fc.constantFrom('flat' as const, 'heap' as const, 'hollow' as const),
});
const angles = fc.integer({ min: 20, max: 50 });

describe('shapes', () => {
  test('closed forms: a prism, a pyramid, a ridge, a flat-topped heap', () => {
    const box: Shape = { lengthMm: 70, widthMm: 30, depthMm: 15, overMm: 4, profile: 'flat' };
    expect(bodyMm3(box, 38)).toBeCloseTo(70 * 30 * 19, 6);
    // 45°: the sides rise as much as they go in
    expect(heapMm3(30, 30, 99, 45)).toBeCloseTo((30 * 30 * 15) / 3, 6);
    // a ridge: a prism with two half pyramids at its ends
    expect(heapMm3(70, 30, 99, 45)).toBeCloseTo((30 * 15 * 40) / 2 + (30 * 30 * 15) / 3, 6);
    // the frustum of 70 × 30 and 60 × 20, 5 high
    expect(heapMm3(70, 30, 5, 45)).toBeCloseTo((5 / 6) * (2100 + 1200 + 130 * 50), 6);
  });

  test('it stands no higher than its grains lie', () => {
    expect(crestMm({ lengthMm: 70, widthMm: 30, depthMm: 0, overMm: 99, profile: 'heap' }, 45)).toBeCloseTo(15, 9);
    expect(crestMm({ lengthMm: 70, widthMm: 30, depthMm: 0, overMm: 99, profile: 'flat' }, 45)).toBe(99);
  });

  test('the longer, wider, deeper, higher, the more; a hollow holds less than a flat top, a heap more', () => {
    fc.assert(
      fc.property(shapes, angles, fc.constantFrom('lengthMm' as const, 'widthMm' as const, 'depthMm' as const), (shape, deg, side) => {
        const volume = bodyMm3(shape, deg);
        if (shape.profile !== 'hollow') expect(bodyMm3({ ...shape, [side]: shape[side] + 3 }, deg)).toBeGreaterThanOrEqual(volume - 1e-6);
        const level = bodyMm3({ ...shape, profile: 'flat', overMm: 0 }, deg);
        if (shape.profile === 'hollow') expect(volume).toBeLessThanOrEqual(level + 1e-6);
        else expect(volume).toBeGreaterThanOrEqual(level - 1e-6);
        expect(topMm2(shape, deg)).toBeGreaterThanOrEqual(shape.lengthMm * shape.widthMm - 1e-6);
      }),
    );
  });

  test('what lies under a cover is never more than the whole, and less the thicker the cover', () => {
    fc.assert(
      fc.property(shapes, angles, mm(0, 20), (shape, deg, cover) => {
        const under = underMm3(shape, cover, deg);
        expect(under).toBeLessThanOrEqual(bodyMm3(shape, deg) + 1e-6);
        expect(underMm3(shape, cover + 1, deg)).toBeLessThanOrEqual(under + 1e-6);
        if (cover === 0) expect(under).toBeCloseTo(bodyMm3(shape, deg), 6);
      }),
    );
  });

  test.each([
    [{ lengthMm: 0 }, 'lengthMm must be above 0'],
    [{ depthMm: -1 }, 'depthMm must be 0 or more'],
    [{ overMm: NaN }, 'overMm must be 0 or more'],
  ])('%j is refused', (given, words) => {
    expect(() => bodyMm3(load(given), 38)).toThrow(words);
  });
});

describe('what a load takes', () => {
  test('an open wagon of limestone by hand', () => {
    const facts = loadFacts(load({ profile: 'flat', overMm: 0 }), ROOM);
    // 70 × 30 × 15 mm are 31.5 mL; six tenths of it are stone of 2.6 g/mL; four tenths are glue and water, one to three
    expect(facts.bodyMl).toBeCloseTo(31.5, 6);
    expect(facts.grains[0]?.g).toBeCloseTo(31.5 * (1 - VOIDS) * MATTER.limestone.gPerMl, 6);
    expect(facts.glueMl).toBeCloseTo(3.15, 6);
    expect(facts.waterMl).toBeCloseTo(9.45, 6);
    expect(facts.thickMm).toBeCloseTo(15, 6);
    expect(facts.layers).toBe(2);
    expect(facts.grains[0]?.readsAsMm).toBeCloseTo(228, 6);
  });

  test('a former takes the place of grains and weighs less; both together are the whole', () => {
    const solid = loadFacts(load(), ROOM);
    const onFoam = loadFacts(load({ former: 'foam' }), ROOM);
    expect(onFoam.formerMl + onFoam.grains.reduce((sum, { ml }) => sum + ml, 0)).toBeCloseTo(solid.bodyMl, 6);
    expect(onFoam.loadG).toBeLessThan(solid.loadG / 2);
    expect(onFoam.dryH).toBeLessThan(solid.dryH);
    expect(onFoam.thickMm).toBeLessThanOrEqual(3 / Math.cos((38 * Math.PI) / 180) + 1e-6);
  });

  test('mixtures share the volume by parts; the largest are set first', () => {
    const { grains, steps } = loadFacts(
      load({ grains: [grain({ parts: 1, grainMm: 1 }), grain({ id: 'b', name: 'Boulders', parts: 3, grainMm: 6 })] }),
      ROOM,
    );
    expect((grains[1]?.ml ?? 0) / (grains[0]?.ml ?? 1)).toBeCloseTo(3, 6);
    expect(grains.map(({ order }) => order)).toEqual([1, 0]);
    expect(steps.join(' ')).toContain('Set the largest (boulders) into the corners');
  });

  test('what is drawn across is what was reckoned: the crest, the slope, the cover over the former', () => {
    const { surface, former } = acrossOf(load({ former: 'foam', grains: [grain({ matter: 'peat' })] }));
    const { crestMm: crest } = loadFacts(load({ grains: [grain({ matter: 'peat' })] }), ROOM);
    expect(Math.max(...surface.map(([, up]) => up))).toBeCloseTo(15 + crest, 9);
    const [first, second] = surface;
    // peat lies at 42 degrees
    expect(Math.atan((second![1] - first![1]) / second![0]) * (180 / Math.PI)).toBeCloseTo(42, 6);
    expect((surface[1]![1] - former![1]![1]) * Math.cos((42 * Math.PI) / 180)).toBeCloseTo(3, 9);
    expect(acrossOf(load()).former).toBeNull();
    expect(acrossOf(load({ profile: 'hollow', overMm: 4 })).surface[1]?.[1]).toBeCloseTo(11, 9);
  });

  test('a warm dry room dries it sooner than a cold damp one; a thin cover is dry by the next evening', () => {
    const thin = load({ former: 'foam' });
    const [warm, cold] = [ROOM, { tempC: 12, rhPct: 75 }].map((air) => loadFacts(thin, air).dryH);
    expect(warm).toBeLessThan(30);
    expect(cold).toBeGreaterThan(2 * (warm ?? 0));
    expect(loadFacts(thin, { tempC: 20, rhPct: 100 }).dryH).toBe(Infinity);
  });

  test('weight is held against what is recommended for a car of its length', () => {
    const { weight, loadG } = loadFacts(load({ wagonMm: 76, wagonG: 30 }), ROOM);
    expect(weight?.loadedG).toBeCloseTo(30 + loadG, 6);
    // 1 oz and half an ounce an inch: 76 mm are 2.99 inches
    expect(weight?.recommendedG).toBeCloseTo(28.35 * (1 + 0.5 * (76 / 25.4)), 0);
    expect(loadFacts(load({ wagonMm: 76 }), ROOM).weight).toBeNull();
  });

  test('fine grains fall through hopper doors, coarse ones do not', () => {
    const fine = loadFacts(load({ leaks: true, grains: [grain({ name: 'Slack', grainMm: 0.5 }), grain({ id: 'b' })] }), ROOM);
    expect(fine.falls.map(({ name }) => name)).toEqual(['Slack']);
    expect(fine.steps.join(' ')).toContain('slack falls through');
  });

  test('whatever is asked, nothing is negative and nothing but time is endless', () => {
    const grains = fc.array(
      fc.record({
        id: fc.uuid(),
        name: fc.constant('Grain'),
        matter: fc.constantFrom('coal' as const, 'peat' as const),
        grainMm: mm(1, 20),
        parts: mm(0, 5),
      }),
      { maxLength: 4 },
    );
    fc.assert(
      fc.property(
        shapes,
        grains,
        fc.constantFrom('none' as const, 'foam' as const, 'card' as const, 'tissue' as const),
        (shape, of, former) => {
          const facts = loadFacts(load({ ...shape, grains: of, former }), ROOM);
          const { dryH, weight: _weight, grains: each, falls: _falls, steps: _steps, ...numbers } = facts;
          for (const value of [...Object.values(numbers), ...each.flatMap(({ ml, g }) => [ml, g]), dryH])
            expect(value).toBeGreaterThanOrEqual(0);
          for (const value of Object.values(numbers)) expect(Number.isFinite(value)).toBe(true);
        },
      ),
    );
  });
});

describe('a load as a piece', () => {
  test('takes from the shelf what the load says, not what its area would', () => {
    const one = load({
      former: 'foam',
      count: 3,
      grains: [grain({ matter: 'stone', parts: 2 }), grain({ id: 'b', matter: 'sand', grainMm: 0.5 })],
    });
    const [facts, piece] = [loadFacts(one, ROOM), pieceOfLoad(one, 'p', ROOM)];
    const taken = (technique: string): number[] =>
      piece.steps
        .filter((step) => step.technique === technique)
        .map((step) => {
          const { cup, direct } = useOf(step, piece);
          return (cup?.laidMl ?? 0) + direct.reduce((sum, { ml }) => sum + ml, 0);
        });
    const close = (values: number[]) => values.map((value) => expect.closeTo(value, 6) as unknown);
    expect(taken('scatter')).toEqual(close(facts.grains.map(({ ml }) => 3 * ml)));
    expect(taken('wet')).toEqual(close([3 * facts.wettingMl]));
    expect(taken('flood-glue')).toEqual(close([3 * (facts.glueMl + facts.waterMl)]));
    // and is looked at when it is dry by the same reckoning
    const look = piece.steps.at(-1)!;
    expect([look.technique, look.waitMin]).toEqual(['inspect', Math.round(facts.dryH * 60)]);
    expect(look.gate).toContain('nothing falls');
  });

  test('is as many alike, built in order, and nothing stands against it, whatever it is built on', () => {
    for (const former of FORMERS)
      for (const matter of MATTERS) {
        const piece = pieceOfLoad(
          load({ former, count: 3, grains: [grain({ matter }), grain({ id: 'b', matter, grainMm: 6 })] }),
          'p',
          ROOM,
        );
        expect(piece.members).toHaveLength(3);
        expect(piece.steps.map(({ technique }) => technique).slice(-6)).toEqual([
          'glue',
          'scatter',
          'scatter',
          'wet',
          'flood-glue',
          'inspect',
        ]);
        expect(piece.steps.find(({ technique }) => technique === 'scatter')?.note).toContain('6 mm');
        const { findings } = checkSequence({
          ...{
            subject: subjectOf(piece),
            steps: piece.steps,
            startsMin: [],
            durationsMin: piece.steps.map((step) => handsOnMinutes(step, piece)),
          },
          ...{ bench: constantAir(ROOM) },
        });
        expect(
          findings
            .filter(({ severity }) => severity !== 'hint')
            .map(({ rule, stepIndex }) => `${former} ${matter}: ${rule} at ${String(stepIndex)}`),
        ).toEqual([]);
      }
  });
});
