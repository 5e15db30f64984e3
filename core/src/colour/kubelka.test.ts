import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  bandsOf,
  contrastRatio,
  deltaE00,
  filmOverBacking,
  ksFromReflectance,
  ksOfEvenMix,
  lightOfBands,
  lightnessOfLight,
  linearOf,
  reflectanceFromKs,
  withGloss,
} from './index.js';
import { solve } from './solve.js';

const share = fc.double({ min: 0.001, max: 0.999, noNaN: true });
const amount = fc.double({ min: 0.001, max: 50, noNaN: true });

describe('a film', () => {
  test('K/S and reflectance are each other’s inverse', () => {
    fc.assert(fc.property(share, (r) => expect(reflectanceFromKs(ksFromReflectance(r))).toBeCloseTo(r, 9)));
  });

  test('so thick that nothing shines through looks the same over anything', () => {
    fc.assert(
      fc.property(share, amount, share, (r, s, backing) => {
        const k = ksFromReflectance(r) * s;
        expect(filmOverBacking({ k, s, x: 1e9 }, backing)).toBeCloseTo(r, 6);
      }),
    );
  });

  test('lies between its backing and its own colour, and never leaves 0–1', () => {
    fc.assert(
      fc.property(share, amount, fc.double({ min: 0, max: 3, noNaN: true }), share, (r, s, x, backing) => {
        const seen = filmOverBacking({ k: ksFromReflectance(r) * s, s, x }, backing);
        expect(seen).toBeGreaterThanOrEqual(Math.min(r, backing) - 1e-9);
        expect(seen).toBeLessThanOrEqual(Math.max(r, backing) + 1e-9);
      }),
    );
  });

  test('two films of one paint are as one of both thicknesses', () => {
    fc.assert(
      fc.property(share, amount, fc.double({ min: 0.01, max: 2, noNaN: true }), share, (r, s, x, backing) => {
        const k = ksFromReflectance(r) * s;
        const twice = filmOverBacking({ k, s, x }, filmOverBacking({ k, s, x }, backing));
        expect(twice).toBeCloseTo(filmOverBacking({ k, s, x: 2 * x }, backing), 6);
      }),
    );
  });

  test('hides more the thicker it is', () => {
    const ratios = [0.1, 0.5, 1, 2, 5].map((x) => contrastRatio({ k: 0.3, s: 2, x }).ratio);
    expect([...ratios].sort((a, b) => a - b)).toEqual(ratios);
  });

  test.each([
    [{ k: -1, s: 1, x: 1 }, 0.5],
    [{ k: 1, s: 1, x: 1 }, 1.5],
  ])('%o over %d is refused', (film, backing) => {
    expect(() => filmOverBacking(film, backing)).toThrow(RangeError);
  });
});

describe('reflectances', () => {
  const byte = fc.integer({ min: 24, max: 246 });
  const hex = (...channels: number[]) => `#${channels.map((c) => c.toString(16).padStart(2, '0')).join('')}`;

  test('look like the colour they came from', () => {
    fc.assert(
      fc.property(byte, byte, byte, (r, g, b) => {
        const colour = hex(r, g, b);
        const bands = bandsOf(colour);
        expect(bands.every((band) => band > 0 && band < 1)).toBe(true);
        expect(deltaE00(lightOfBands(bands), linearOf(colour))).toBeLessThan(0.8);
      }),
    );
  });

  test('of a grey are flat', () => {
    const bands = bandsOf('#808080');
    for (const band of bands) expect(band).toBeCloseTo(bands[0]!, 6);
  });

  test('yellow and blue make green, where screens make grey', () => {
    const [yellow, blue] = [bandsOf('#e8c020'), bandsOf('#2040a0')];
    const mix = yellow.map((band, i) => reflectanceFromKs(ksOfEvenMix(ksFromReflectance(band), ksFromReflectance(blue[i]!), 0.3)));
    const [red, green, seenBlue] = lightOfBands(mix);
    expect(green).toBeGreaterThan(1.3 * red);
    expect(green).toBeGreaterThan(1.2 * seenBlue);
  });
});

test('the same paint is deeper under gloss and paler under matt, and keeps its light where nothing changes', () => {
  const soot = linearOf('#2f2b2a');
  const lightness = [2, 30, 60, 90].map((glossGu) => lightnessOfLight(withGloss(soot, 30, glossGu)));
  expect([...lightness].sort((a, b) => b - a)).toEqual(lightness);
  expect(withGloss(soot, 30, 30)).toEqual(soot);
  expect(withGloss([1, 1, 1], 80, 2)).toEqual([1, 1, 1]);
});

test('equations are solved; what has no single answer is refused', () => {
  expect(
    solve(
      [
        [0, 2],
        [3, 1],
      ],
      [4, 5],
    ).map((x) => Math.round(x * 1e9) / 1e9),
  ).toEqual([1, 2]);
  expect(() =>
    solve(
      [
        [1, 2],
        [2, 4],
      ],
      [1, 1],
    ),
  ).toThrow('matrix must not be singular');
});
