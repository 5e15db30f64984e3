import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { pieceFromTemplate, plainStep, templateById } from '../subjects/index.js';
import { filmLeftUm, mixNeeded, paintNeededMl, spreadingRate, wetFilm } from './index.js';

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

  test('what is left is as wanted, or what the deepest wet film holds', () => {
    expect(filmLeftUm(4, 10, 200)).toBe(4);
    expect(filmLeftUm(4, 1, 200)).toBe(2);
    expect(filmLeftUm(4, 1, null)).toBe(4);
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

  test('by hand: 1 dm², 8 µm, 17.5 % in the mix, half lost, half a millilitre in the cup', () => {
    const plate = { ...van, zones: [{ ...van.zones[0]!, id: 'plate', areaMm2: 10_000, keepClean: null }] };
    // film 8 µm by airbrush: 0.01 m² · 8 µm / 17.5 % / 50 % = 0.914 mL, plus 0.5 in the cup, up to the next half
    expect(mixNeeded(coat, plate)!.totalMl).toBe(1.5);
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
