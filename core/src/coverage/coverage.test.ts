import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { pieceFromTemplate, plainStep, templateById } from '../subjects/index.js';
import { mixNeeded, paintNeededMl, spreadingRate, useOf, wetFilm } from './index.js';

const van = pieceFromTemplate(templateById('van'), { id: 'van', name: 'Van', scaleRatio: 76 });

describe('spreading rate', () => {
  test('what is needed covers exactly the area at the rate', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 5, max: 100 }),
        fc.integer({ min: 1, max: 200 }),
        fc.integer({ min: 0, max: 90 }),
        (volumeSolidsPct, dryFilmUm, lossPct) => {
          const ml = paintNeededMl({ areaMm2: 1e6, dryFilmUm, volumeSolidsPct, lossPct, coats: 1 });
          expect(ml / 1000).toBeCloseTo(1 / spreadingRate(volumeSolidsPct, dryFilmUm, lossPct).practicalM2PerL, 9);
        },
      ),
    );
  });

  test('the wet film holds the solids of the dry one', () => {
    const { wetFilmUm, volumeSolidsPct } = wetFilm(20, 40, 25);
    expect((wetFilmUm * volumeSolidsPct) / 100).toBeCloseTo(20);
  });

  test.each([
    [0, 20, 0],
    [40, 0, 0],
    [40, 20, 100],
    [40, 20, -1],
  ])('refuses solids %p, film %p, loss %p', (solids, film, loss) => {
    expect(() => spreadingRate(solids, film, loss)).toThrow(RangeError);
  });
});

describe('a wash that is thinned very far', () => {
  const inked = (parts: [number, number]) =>
    mixNeeded(
      plainStep({
        id: 'w',
        technique: 'wash',
        material: 'ink-in-alcohol',
        zones: ['all'],
        dilution: { thinner: 'isopropanol-70', parts },
      }),
      van,
    )!.totalMl;

  test('is laid no deeper than it can stand: a van wants some millilitres, not a jar', () => {
    expect(inked([1, 45])).toBeLessThan(12);
    // thinned further it leaves less, and no more of it is laid
    expect(inked([1, 90])).toBe(inked([1, 45]));
  });
});

describe('mix for a step', () => {
  const coat = plainStep({
    id: 'a',
    technique: 'airbrush-coat',
    material: 'acrylic-matt',
    zones: ['all'],
    dilution: { thinner: 'water', parts: [1, 1] },
  });

  test('is rounded up to half a millilitre and split by the dilution', () => {
    const mix = mixNeeded(coat, van);
    expect(mix).not.toBeNull();
    expect((mix!.totalMl * 2) % 1).toBe(0);
    expect(mix!.paintMl).toBeCloseTo(mix!.thinnerMl);
    expect(mix!.paintDrops).toBe(Math.round(mix!.paintMl * 20));
  });

  test('a batch wants more than one piece, but one cup less than each alone', () => {
    const three = { ...van, members: ['22', '23', '27'].map((label) => ({ id: label, label, differences: [] })) };
    const one = mixNeeded(coat, van)!.totalMl;
    const batch = mixNeeded(coat, three)!.totalMl;
    expect(batch).toBeGreaterThan(one);
    expect(batch).toBeLessThanOrEqual(3 * one);
  });

  test('by hand: 1 dm², 9.75 µm, 17.5 % in the mix, two thirds lost, half a millilitre in the cup', () => {
    const plate = { ...van, zones: [{ ...van.zones[0]!, id: 'plate', areaMm2: 10_000, keepClean: null }] };
    // film 9.75 µm by airbrush: 0.01 m² · 9.75 µm / 17.5 % / 33 % = 1.69 mL, 0.05 past it, plus 0.5 in the cup, up to the next half
    expect(mixNeeded(coat, plate)!.totalMl).toBe(2.5);
  });

  test('from a can a small model takes more per area than a large one, and a van its 4 to 9 mL', () => {
    const can = plainStep({ id: 'c', technique: 'clear-coat', material: 'clear-matt-lacquer-aerosol', zones: ['all'] });
    const onArea = (piece: typeof van) => {
      const area = piece.zones.reduce((sum, { areaMm2 }) => sum + areaMm2, 0);
      return { ml: useOf(can, piece).direct[0]!.ml, perDm2: (1e4 * useOf(can, piece).direct[0]!.ml) / area };
    };
    const small = { ...van, zones: van.zones.map((zone) => ({ ...zone, areaMm2: zone.areaMm2 / 4 })) };
    expect(onArea(van).ml).toBeGreaterThan(4);
    expect(onArea(van).ml).toBeLessThan(9);
    expect(onArea(small).perDm2).toBeGreaterThan(1.2 * onArea(van).perDm2);
  });

  test('nothing is mixed from a can, for powder or for cleaning', () => {
    for (const [technique, material] of [
      ['spray-coat', 'primer-lacquer-aerosol'],
      ['powder-dry', 'pigment-dry'],
      ['clean', 'water-detergent'],
    ] as const)
      expect(mixNeeded(plainStep({ id: 'b', technique, material, zones: ['all'] }), van)).toBeNull();
  });
});
