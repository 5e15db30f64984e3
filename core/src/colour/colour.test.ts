import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { lightnessOf, toneOf } from './index.js';

const byte = fc.integer({ min: 0, max: 255 });
const hex = (...channels: number[]) => `#${channels.map((c) => c.toString(16).padStart(2, '0')).join('')}`;

describe('lightness', () => {
  // L* of the sRGB greys and primaries, as tabulated for CIELAB with D65
  test.each([
    ['#000000', 0],
    ['#ffffff', 100],
    ['#777777', 50.03],
    ['#ff0000', 53.24],
    ['#00ff00', 87.73],
    ['#0000ff', 32.3],
  ])('%s has L* %d', (colour, lightness) => {
    expect(lightnessOf(colour)).toBeCloseTo(lightness, 1);
  });

  test('lies between 0 and 100 and never falls when a channel rises', () => {
    fc.assert(
      fc.property(byte, byte, byte, (r, g, b) => {
        const here = lightnessOf(hex(r, g, b));
        expect(here).toBeGreaterThanOrEqual(0);
        expect(here).toBeLessThanOrEqual(100.001);
        if (g < 255) expect(lightnessOf(hex(r, g + 1, b))).toBeGreaterThan(here);
      }),
    );
  });

  test('what is no colour is named', () => {
    expect(() => lightnessOf('rust')).toThrow("colour must be #rrggbb, got 'rust'");
  });
});

test('salt is pale, rust is mid, soot is dark', () => {
  expect(['#d9d4c6', '#b5622a', '#2f2b2a'].map(toneOf)).toEqual(['pale', 'mid', 'dark']);
});
